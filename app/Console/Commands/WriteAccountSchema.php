<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Account\Files\AccountSchema;
use Illuminate\Console\Command;

final class WriteAccountSchema extends Command
{
    protected $signature = 'inch:account-schema';

    protected $description = 'Publish the shape of an account’s file, after a migration';

    public function handle(AccountSchema $schema): int
    {
        file_put_contents(base_path(AccountSchema::PATH), $schema());
        $this->line(AccountSchema::PATH.' is written.');

        return self::SUCCESS;
    }
}
