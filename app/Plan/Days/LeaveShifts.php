<?php

declare(strict_types=1);

namespace App\Plan\Days;

use App\Models\Account\User;
use App\Models\Plan\EventDay;
use App\Models\Plan\Shift;

/** From now on nobody sits where somebody was meant to, on all days to come; where they sat until now stays theirs. */
final readonly class LeaveShifts
{
    public function __invoke(User $painter): void
    {
        $now = now()->getTimestampMs();
        foreach (EventDay::ofTeam($painter->team_id)->where('closes_ms', '>', $now)->get(['id', 'opens_ms']) as $day) {
            foreach (Shift::query()->where('event_day_id', $day->id)->where('painter_id', $painter->id)->get() as $shift) {
                $this->leave($shift, isToCome: max($shift->from_ms, $day->opens_ms) >= $now, now: $now);
            }
        }
    }

    private function leave(Shift $shift, bool $isToCome, int $now): void
    {
        if ($isToCome) {
            $shift->update(['painter_id' => null]);

            return;
        }
        $ofChair = Shift::query()->where('event_day_id', $shift->event_day_id)->where('chair', $shift->chair);
        if ($ofChair->whereBetween('from_ms', [$shift->from_ms + 1, $now])->doesntExist()) {
            Shift::query()->create([
                'event_day_id' => $shift->event_day_id, 'chair' => $shift->chair, 'painter_id' => null, 'from_ms' => $now,
            ]);
        }
    }
}
