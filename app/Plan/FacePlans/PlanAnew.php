<?php

declare(strict_types=1);

namespace App\Plan\FacePlans;

use App\Account\Ways\BenchOfPainter;
use App\Line\Taps\TellScreens;
use App\Models\Bench\Design;
use App\Models\Plan\EventDay;
use Illuminate\Support\Facades\DB;

/**
 * Times all of a team's designs anew after a painter's ways or the air changed, one after the other, so that nobody who edits one
 * waits for all; and tells the screens of the days at hand.
 */
final readonly class PlanAnew
{
    /** Days that opened longer ago, or open later, have no screen that somebody looks at. */
    private const HOURS_AT_HAND = 24;

    public function __construct(
        private PlanDesign $planDesign,
        private RankDesigns $rank,
        private BenchOfPainter $benchOfPainter,
        private TellScreens $tell,
    ) {}

    public function __invoke(string $teamId): void
    {
        $bench = $this->benchOfPainter->ofTeam($teamId);
        /** @var list<string> $ids */
        $ids = Design::ofTeam($teamId)->orderBy('id')->pluck('id')->all();
        foreach ($ids as $id) {
            DB::transaction(function () use ($bench, $teamId, $id): void {
                $design = Design::ofTeam($teamId)->with('steps')->lockForUpdate()->find($id);
                $design === null ? null : ($this->planDesign)($bench, $design, $design->toCore());
            });
        }
        ($this->rank)($teamId, $ids);
        $days = EventDay::ofTeam($teamId)
            ->where('opens_ms', '>=', now()->subHours(self::HOURS_AT_HAND)->getTimestampMs())
            ->where('opens_ms', '<=', now()->addHours(self::HOURS_AT_HAND)->getTimestampMs())
            ->get();
        foreach ($days as $day) {
            ($this->tell)($day, isTapped: false);
        }
    }
}
