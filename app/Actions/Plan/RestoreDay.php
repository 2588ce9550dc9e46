<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Actions\Logbook\WriteLogbook;
use App\Jobs\LearnFromDay;
use App\Models\EventDay;
use App\Queries\Line\StoryOfDay;
use Illuminate\Support\Facades\DB;

/** Puts a deleted day back into the diary, and its faces into the logbook where there were any. */
final readonly class RestoreDay
{
    public function __construct(private StoryOfDay $storyOfDay, private WriteLogbook $writeLogbook) {}

    public function __invoke(EventDay $day): EventDay
    {
        DB::transaction(function () use ($day): void {
            $day->restore();
            $line = $this->storyOfDay->fromTheBeginning($day)->line;
            ($this->writeLogbook)($day, $line, array_keys($line->tickets));
        });
        LearnFromDay::dispatch($day->team_id, $day->id);

        return $day;
    }
}
