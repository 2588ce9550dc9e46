<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Jobs\RankDesign;
use App\Models\Design;

/** Has the shorter versions of designs that come onto a menu worked out by the queue, where that was not done yet. */
final readonly class RankDesigns
{
    /** @param  list<string>  $designIds */
    public function __invoke(string $teamId, array $designIds): void
    {
        $open = Design::ofTeam($teamId)->whereIn('id', $designIds)->whereNotNull('plan_id')->where('is_ranked', false);
        foreach ($open->orderBy('id')->pluck('id') as $id) {
            RankDesign::dispatch($teamId, $id);
        }
    }
}
