<?php

declare(strict_types=1);

namespace App\Account\Ways;

use App\Models\Account\PainterWays;
use App\Models\Account\User;
use App\Plan\FacePlans\PlanTeamAnew;

/** Keeps how a painter works, and in what air; the team's plans follow. */
final readonly class ChangeWays
{
    /** @param  array<string, mixed>  $values  of PainterWays */
    public function __invoke(User $painter, array $values): void
    {
        PainterWays::query()->updateOrCreate(['user_id' => $painter->id], $values);
        PlanTeamAnew::dispatch($painter->team_id);
        if (isset($values['touched_at'])) {
            PlanTeamAnew::dispatch($painter->team_id, isForLater: true)->delay(now()->addHours(PainterWays::HOURS_OF_TOUCH_TEST));
        }
    }
}
