<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Account\SignIn\ForgetOldLinks;
use App\Account\Team\Teams;
use App\Bench\Photos\Photos;
use App\Line\Forgetting\ForgetChildren;
use Illuminate\Console\Command;

/** What is done once a day, by the scheduler. */
final class EndOfDay extends Command
{
    protected $signature = 'inch:end-of-day';

    protected $description = 'Delete teams whose closing time is over, and forget links, sign-ins, names and photos that are overdue';

    public function handle(Teams $teams, ForgetOldLinks $forgetOldLinks, ForgetChildren $forgetChildren, Photos $photos): int
    {
        $this->line(sprintf('%d teams deleted.', $teams->endClosed()));
        $forgetOldLinks();
        $this->line(sprintf('%d days had names, words or phones left.', $forgetChildren->overdue()));

        $this->line(sprintf('%d photos of deleted designs deleted.', $photos->throwAwayOfDeleted()));

        return self::SUCCESS;
    }
}
