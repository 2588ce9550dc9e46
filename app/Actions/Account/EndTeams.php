<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\Team;

/** Deletes the teams whose time to be kept after all has run out, with everything that was theirs. */
final readonly class EndTeams
{
    /** @return int how many */
    public function __invoke(): int
    {
        $ended = Team::query()->where('ends_at', '<=', now())->get();
        $ended->each->delete();

        return $ended->count();
    }
}
