<?php

declare(strict_types=1);

namespace App\Bench\Brushes;

use App\Account\Ways\BenchOfPainter;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Logbook\Face;
use App\Models\Plan\EventDay;
use Core\Workspace\BrushSaving;
use Core\Workspace\BrushWorth as CoreBrushWorth;

/** What one more brush, kept for one colour, would have saved on every design, and over the newest day that faces were painted on. */
final readonly class BrushesWorthKeeping
{
    public function __construct(private BenchOfPainter $benchOfPainter) {}

    /** @return list<BrushWorth> the greatest saving first */
    public function __invoke(User $painter): array
    {
        $bench = ($this->benchOfPainter)($painter);
        $day = $this->newestDay($painter->team_id);
        $painted = $day === null ? [] : $this->facesByDesign($day);
        $savings = $faces = [];
        foreach (Design::ofTeam($painter->team_id)->with('steps')->whereNull('archived_at')->orderBy('name')->get() as $design) {
            $savings[$design->name] = BrushSaving::of($design->toCore(), $bench->kit, $bench->benchTimes, $bench->stepTimes);
            $faces[$design->name] = $painted[$design->id] ?? 0;
        }

        return BrushWorth::listOf(CoreBrushWorth::of($savings, $faces), $day->name ?? '');
    }

    private function newestDay(string $teamId): ?EventDay
    {
        return EventDay::ofTeam($teamId)
            ->whereIn('id', Face::ofTeam($teamId)->select('event_day_id'))
            ->orderByDesc('opens_ms')->first();
    }

    /** @return array<string, int> by the design's id */
    private function facesByDesign(EventDay $day): array
    {
        /** @var array<string, int> $faces */
        $faces = Face::ofTeam($day->team_id)->toBase()->where('event_day_id', $day->id)->groupBy('design_id')
            ->selectRaw('design_id, count(*) as faces')->pluck('faces', 'design_id')->all();

        return $faces;
    }
}
