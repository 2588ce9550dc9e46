<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Account\EndTeams;
use App\Actions\Account\ForgetOldLinks;
use Illuminate\Console\Command;

/** What is done once a day, by the scheduler. */
final class EndOfDay extends Command
{
    protected $signature = 'inch:end-of-day';

    protected $description = 'Delete teams whose closing time is over, and forget links and sign-ins that serve no more';

    public function handle(EndTeams $endTeams, ForgetOldLinks $forgetOldLinks): int
    {
        $this->line(sprintf('%d teams deleted.', $endTeams()));
        $forgetOldLinks();

        return self::SUCCESS;
    }
}
