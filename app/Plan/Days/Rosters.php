<?php

declare(strict_types=1);

namespace App\Plan\Days;

use App\Models\Account\User;
use App\Models\Plan\EventDay;
use App\Models\Plan\Shift;
use Core\Line\Seating\DoubleShift;
use Core\Line\Seating\Roster;
use Core\Line\Seating\Shift as CoreShift;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Who paints on a day, and from when to when. */
final readonly class Rosters
{
    public function __construct(private RosterOfDay $rosterOfDay) {}

    /**
     * Writes anew who sits at which chair of a day from when.
     *
     * @param  list<CoreShift>  $shifts  none to go back to what is assumed
     *
     * @throws ValidationException when somebody would sit at two chairs, or is not one of the team's painters
     */
    public function save(EventDay $day, array $shifts): void
    {
        $painters = ($this->rosterOfDay)($day)->painters;
        foreach ($shifts as $at => $shift) {
            if ($shift->painter !== null && ! isset($painters[$shift->painter])) {
                throw ValidationException::withMessages(
                    ["shifts.{$at}.painterId" => 'That painter is not one of yours. Load the page again and choose another.'],
                );
            }
        }
        try {
            (new Roster($shifts))->refuseDoubles();
        } catch (DoubleShift $twice) {
            throw ValidationException::withMessages(['shifts' => "{$painters[$twice->painter]} {$twice->getMessage()}"]);
        }
        DB::transaction(function () use ($day, $shifts): void {
            Shift::query()->where('event_day_id', $day->id)->delete();
            Shift::query()->insert(array_map(static fn (CoreShift $shift): array => [
                'event_day_id' => $day->id,
                'chair' => $shift->chair,
                'painter_id' => $shift->painter,
                'from_ms' => $shift->from->epochMilliseconds,
            ], $shifts));
        });
    }

    /** From now on nobody sits where somebody was meant to, on all days to come; where they sat until now stays theirs. */
    public function leave(User $painter): void
    {
        $now = now()->getTimestampMs();
        foreach (EventDay::ofTeam($painter->team_id)->where('closes_ms', '>', $now)->get(['id', 'opens_ms']) as $day) {
            foreach (Shift::query()->where('event_day_id', $day->id)->where('painter_id', $painter->id)->get() as $shift) {
                $this->leaveOne($shift, isToCome: max($shift->from_ms, $day->opens_ms) >= $now, now: $now);
            }
        }
    }

    private function leaveOne(Shift $shift, bool $isToCome, int $now): void
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
