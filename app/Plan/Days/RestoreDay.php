<?php

declare(strict_types=1);

namespace App\Plan\Days;

use App\Line\Taps\StoryOfDay;
use App\Logbook\Faces\WriteLogbook;
use App\Logbook\Pace\LearnFromDay;
use App\Models\Plan\EventDay;
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
