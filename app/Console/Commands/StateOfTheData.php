<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\DataState;
use App\Operations\Health\StateOfData;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Prints empty, older or current, for bin/upgrade; exit 1, with what to do, when the data are newer. */
final class StateOfTheData extends Command
{
    protected $signature = 'inch:data {--upgraded : write down that this release has written here}';

    protected $description = 'Say whether the data here are of this release';

    public function handle(StateOfData $stateOfData): int
    {
        $version = config()->string('app.version');
        $state = $stateOfData();
        if ($state === DataState::Newer) {
            $this->error("The data here were written by Inch Timer {$stateOfData->writtenBy()}, which is newer than this: {$version}. "
                .'Install that release, or bring back a backup from before: bin/restore FILE.');

            return self::FAILURE;
        }
        if ($this->option('upgraded') === true) {
            DB::table('releases')->insertOrIgnore(['version' => $version]);
        }
        $this->line($state->value);

        return self::SUCCESS;
    }
}
