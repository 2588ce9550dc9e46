<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Http\Resources\Bench\BrushWorth;
use App\Models\Design;
use App\Models\EventDay;
use App\Models\Face;
use App\Models\User;
use App\Queries\Account\BenchOfPainter;
use Core\Table\BrushSaving;

/** What one more brush, kept for one colour, would have saved on every design, and over the newest day that faces were painted on. */
final readonly class BrushesWorthKeeping
{
    public function __construct(private BenchOfPainter $benchOfPainter) {}

    /** @return list<BrushWorth> the greatest saving first */
    public function __invoke(User $painter): array
    {
        $bench = ($this->benchOfPainter)($painter);
        $day = $this->newestDay($painter->team_id);
        $faces = $day === null ? [] : $this->facesByDesign($day);
        /** @var array<string, BrushWorth> $worth */
        $worth = [];
        foreach (Design::ofTeam($painter->team_id)->with('steps')->whereNull('archived_at')->orderBy('name')->get() as $design) {
            foreach (BrushSaving::of($design->toCore(), $bench->kit, $bench->benchTimes, $bench->stepTimes) as $saving) {
                $known = $worth[$saving->colour->name] ?? new BrushWorth(
                    colour: $saving->colour->name,
                    hex: $saving->colour->hex,
                    designs: 0,
                    mostMs: 0,
                    mostDesign: '',
                    day: $day->name ?? '',
                    daySavedMs: 0,
                );
                $worth[$saving->colour->name] = $known->withDesign($design->name, $saving->aFace->milliseconds, $faces[$design->id] ?? 0);
            }
        }
        usort(
            $worth,
            static fn (BrushWorth $one, BrushWorth $other): int => [
                $other->daySavedMs,
                $other->mostMs,
            ] <=> [$one->daySavedMs, $one->mostMs],
        );

        return $worth;
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
