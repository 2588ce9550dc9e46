<?php

declare(strict_types=1);

namespace App\Plan\FacePlans;

use App\Models\Bench\Design;
use App\Models\Menu\MenuItem;
use App\Models\Menu\MenuOffer;

/** Has the shorter versions of designs worked out by the queue, where they stand on a menu and that was not done yet. */
final readonly class RankDesigns
{
    /** @param  list<string>  $designIds */
    public function __invoke(string $teamId, array $designIds): void
    {
        /** @var list<string> $open */
        $open = Design::ofTeam($teamId)->whereIn('id', $designIds)->whereNotNull('plan_id')->where('is_ranked', false)
            ->whereIn('id', [
                ...MenuItem::query()->whereIn('design_id', $designIds)->distinct()->pluck('design_id')->all(),
                ...MenuOffer::query()->whereIn('design_id', $designIds)->distinct()->pluck('design_id')->all(),
            ])
            ->orderBy('id')->pluck('id')->all();
        if ($open !== []) {
            RankDesignsOfTeam::dispatch($teamId, $open);
        }
    }
}
