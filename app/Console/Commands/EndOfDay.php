<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Account\SignIn\ForgetOldLinks;
use App\Account\Team\EndTeams;
use App\Line\Forgetting\ForgetOverdue;
use Illuminate\Console\Command;

/** What is done once a day, by the scheduler. */
final class EndOfDay extends Command
{
    protected $signature = 'inch:end-of-day';

    protected $description = 'Delete teams whose closing time is over, and forget links, sign-ins and names that are overdue';

    public function handle(EndTeams $endTeams, ForgetOldLinks $forgetOldLinks, ForgetOverdue $forgetOverdue): int
    {
        $this->line(sprintf('%d teams deleted.', $endTeams()));
        $forgetOldLinks();
        $this->line(sprintf('%d days had names, words or phones left.', $forgetOverdue()));

        return self::SUCCESS;
    }
}
