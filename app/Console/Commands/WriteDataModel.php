<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Database\DataModel;
use Illuminate\Console\Command;

final class WriteDataModel extends Command
{
    protected $signature = 'inch:data-model';

    protected $description = 'Write docs/data-model.md from the database, after a migration';

    public function handle(DataModel $model): int
    {
        file_put_contents(base_path(DataModel::PATH), $model->markdown());
        $this->line(DataModel::PATH.' is written.');

        return self::SUCCESS;
    }
}
