<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Models\Account\Team;
use App\Models\Account\User;

/** A team that was closed goes on as if it had not been. */
final readonly class KeepTeam
{
    public function __construct(private KeepAct $keepAct) {}

    public function __invoke(User $owner): void
    {
        Team::query()->whereKey($owner->team_id)->update(['ends_at' => null]);
        ($this->keepAct)($owner, 'kept the team after all');
    }
}
