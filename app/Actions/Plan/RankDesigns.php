<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Jobs\RankDesign;
use App\Models\DesignRung;
use App\Queries\Account\PainterBench;
use Illuminate\Support\Facades\DB;

/**
 * Plans the named rungs of designs that come onto a menu, which the chair falls back to: at once as far as that goes, so that
 * they can be chosen right away, the rest by the queue. One of these serves a request, however many menus it writes.
 */
final class RankDesigns
{
    private float $secondsLeft = 2.0;

    public function __construct(private readonly PlanDesign $planDesign) {}

    /** @param  list<string>  $designIds */
    public function __invoke(PainterBench $bench, string $teamId, array $designIds): void
    {
        /** @var list<string> $ranked */
        $ranked = DesignRung::query()->whereIn('design_id', $designIds)->distinct()->pluck('design_id')->all();
        foreach (array_diff($designIds, $ranked) as $id) {
            if ($this->secondsLeft <= 0) {
                RankDesign::dispatch($teamId, $id);

                continue;
            }
            $begun = microtime(true);
            DB::transaction(fn () => $this->planDesign->rungs($bench, $teamId, $id));
            $this->secondsLeft -= microtime(true) - $begun;
        }
    }
}
