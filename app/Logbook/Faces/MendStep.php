<?php

declare(strict_types=1);

namespace App\Logbook\Faces;

use App\Line\Taps\RecordTaps;
use App\Line\Taps\StoryOfDay;
use App\Line\Taps\Tap;
use App\Line\Taps\TapOutcome;
use App\Models\Account\User;
use App\Models\Plan\EventDay;
use Core\Line\EventKind;
use Core\Units\Duration;
use Illuminate\Support\Str;

/** A tap was forgotten: what a step took is told anew. It is a tap like any other, and the old time stays in the log. */
final readonly class MendStep
{
    public function __construct(private RecordTaps $record, private StoryOfDay $storyOfDay) {}

    /**
     * @param  int  $position  of the step in its face, from 0
     * @return TapOutcome|null null where that face has no such step
     */
    public function __invoke(EventDay $day, User $painter, string $ticket, int $position, Duration $spent): ?TapOutcome
    {
        $run = $this->storyOfDay->fromTheBeginning($day)->line->tickets[$ticket]->face->runs[$position] ?? null;
        if ($run === null) {
            return null;
        }
        $tap = Tap::of([
            'id' => strtolower((string) Str::ulid()),
            'kind' => EventKind::Mended->value,
            'at' => now()->getTimestampMs(),
            'ticket' => $ticket,
            'step' => $run->step->id,
            'spent' => $spent->milliseconds,
        ]);

        return ($this->record)($day, $painter, [$tap])[0];
    }
}
