<?php

declare(strict_types=1);

namespace App\Plan\Days;

use App\Models\Account\User;
use App\Models\Plan\EventDay;
use App\Models\Plan\Shift;
use Core\Line\Seating\Roster;
use Core\Team\Role;

/** Who is meant to sit at which chair of a day: as it was said, else as one would assume. */
final readonly class RosterOfDay
{
    public function __invoke(EventDay $day): DayRoster
    {
        /** @var array<string, string> $painters */
        $painters = User::ofTeam($day->team_id)->whereNot('role', Role::Helper)->orderBy('id')->pluck('name', 'id')->all();
        $said = Shift::query()->where('event_day_id', $day->id)->orderBy('chair')->orderBy('from_ms')->get();
        $shifts = $said->isEmpty()
            ? Roster::assumed(array_keys($painters), $day->chairs)
            : array_values($said->map(static fn (Shift $shift) => $shift->toCore())->all());

        return new DayRoster($painters, $shifts, $said->isEmpty());
    }
}
