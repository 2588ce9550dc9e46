<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Models\Account\Team;
use App\Models\Bench\Design;
use App\Models\Plan\EventDay;

/** Deletes the teams whose time to be kept after all has run out, with everything that was theirs. */
final readonly class EndTeams
{
    /** @return int how many */
    public function __invoke(): int
    {
        $ended = Team::query()->where('ends_at', '<=', now())->get();
        foreach ($ended as $team) {
            // A day after another, so that nobody else waits for years of taps; the plans that faces had go after the faces. What a
            // kill leaves is taken up the next day.
            foreach (EventDay::ofTeam($team->id)->withTrashed()->pluck('id') as $day) {
                EventDay::ofTeam($team->id)->withTrashed()->whereKey($day)->toBase()->delete();
            }
            Design::ofTeam($team->id)->withTrashed()->toBase()->delete();
            $team->delete();
        }

        return $ended->count();
    }
}
