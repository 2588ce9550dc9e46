<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Models\Account\Act;
use App\Models\Account\User;

/** Writes down who did what; whoever answers for the team can read it. */
final readonly class RecordAudit
{
    private const LONGEST = 200;

    public function __invoke(User $who, string $what): void
    {
        Act::ofTeam($who->team_id)->create([
            'team_id' => $who->team_id, 'who' => $who->name, 'what' => mb_substr($what, 0, self::LONGEST), 'at' => now(),
        ]);
    }
}
