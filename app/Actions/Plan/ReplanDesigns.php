<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Models\Design;
use App\Queries\Account\BenchOfPainter;

/** Times all of a team's designs anew, after its kit or a painter's hands changed. Runs inside the caller's transaction. */
final readonly class ReplanDesigns
{
    public function __construct(private PlanDesign $planDesign, private BenchOfPainter $benchOfPainter) {}

    public function __invoke(string $teamId): void
    {
        $bench = $this->benchOfPainter->ofTeam($teamId);
        foreach (Design::ofTeam($teamId)->with('steps')->orderBy('id')->lockForUpdate()->get() as $design) {
            ($this->planDesign)($bench, $design, $design->toCore());
        }
    }
}
