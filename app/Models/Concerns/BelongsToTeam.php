<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use Illuminate\Database\Eloquent\Builder;

/**
 * A record of one team: it is asked for within its team, or not at all. That nothing in the application asks for one in another way
 * is tested by a rule of tests/Arch.
 */
trait BelongsToTeam
{
    /** @return Builder<static> */
    public static function ofTeam(string $teamId): Builder
    {
        $model = new static;

        return $model->newQuery()->where($model->qualifyColumn('team_id'), $teamId);
    }
}
