<?php

declare(strict_types=1);

namespace App\Menu\Recommended;

use App\Models\Logbook\Face;
use Core\Plan\Defaults;

/** How often a team's designs are asked for against each other: by the faces that were painted, and a few for each before any were. */
final readonly class DemandOfDesigns
{
    /**
     * @param  list<string>  $designs  ids
     * @return array<string, float> by design
     */
    public function __invoke(string $teamId, array $designs): array
    {
        /** @var array<string, int> $painted */
        $painted = Face::ofTeam($teamId)->toBase()->whereIn('design_id', $designs)->groupBy('design_id')
            ->selectRaw('design_id, count(*) as faces')->pluck('faces', 'design_id')->all();
        $demand = [];
        foreach ($designs as $design) {
            $demand[$design] = (float) (Defaults::DEMAND_BEFORE + ($painted[$design] ?? 0));
        }

        return $demand;
    }
}
