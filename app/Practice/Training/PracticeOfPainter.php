<?php

declare(strict_types=1);

namespace App\Practice\Training;

use App\Bench\Advice\PaceShown;
use App\Logbook\Pace\PacesOfDesign;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Practice\PracticeRun;
use App\Plan\Forecast\FacesExpected;
use Core\Design\Step;
use Core\Design\StepValues;
use Core\Pace\Drill;
use Core\Pace\Pace;
use Core\Plan\PracticeWin;
use Core\Timeline\StepTimes;
use Core\Units\Duration;
use Illuminate\Support\Facades\DB;

/** What a painter may practise, and what of it wins most minutes over the booked days. */
final readonly class PracticeOfPainter
{
    private const MOST_NEXT = 6;

    public function __construct(private PacesOfDesign $pacesOfDesign, private FacesExpected $facesExpected) {}

    public function __invoke(User $painter): PracticeSheet
    {
        $expected = ($this->facesExpected)($painter->team_id, now()->getTimestampMs());
        $last = $this->lastTimes($painter);
        $next = $designs = [];
        $all = Design::ofTeam($painter->team_id)->with(['steps', 'plan'])->whereNull('archived_at')->whereNotNull('plan_id')
            ->orderBy('name')->get();
        $paces = $this->pacesOfDesign->ofDesigns(
            array_values(array_map(static fn (Design $design): string => $design->id, $all->all())),
            $painter->id,
        );
        foreach ($all as $design) {
            $faces = $expected[$design->id] ?? 0.0;
            $steps = $this->steps($design, $paces[$design->id]['stepPaces'], $faces, $last);
            $next = [...$next, ...($faces > 0 ? $steps : [])];
            $designs[] = $this->whole($design, $paces[$design->id]['faces'], $steps, $last);
        }
        usort($next, static fn (PracticeItem $one, PracticeItem $other): int => $other->winMs <=> $one->winMs);
        usort(
            $designs,
            static fn (PracticeItem $one, PracticeItem $other): int => [$one->winMs === 0, $one->name] <=> [
                $other->winMs === 0,
                $other->name,
            ],
        );

        return new PracticeSheet(
            array_slice($next, 0, self::MOST_NEXT),
            $designs,
            self::drills($last),
            (int) round(array_sum($expected)),
        );
    }

    /**
     * @param  array<string, Pace>  $paces  by way
     * @param  array<string, int>  $last
     * @return list<PracticeItem>
     */
    private function steps(Design $design, array $paces, float $faces, array $last): array
    {
        $times = StepTimes::starting();

        return array_map(static function (Step $step) use ($design, $paces, $times, $faces, $last): PracticeItem {
            $way = StepValues::way($step);
            $known = $paces[$way] ?? null;
            $pace = $known ?? Pace::of($times->planned($step)->duration, []);

            return new PracticeItem(
                drill: null,
                designId: $design->id,
                stepId: $step->id,
                name: "{$step->name}, {$design->name}",
                winMs: PracticeWin::of($pace, $faces)->milliseconds,
                lastMs: $last["{$design->id} {$way}"] ?? null,
                pace: $known === null ? null : PaceShown::of($known),
            );
        }, array_values(array_filter($design->toCore()->steps, static fn (Step $step): bool => ! $step->technique->needsNoZone())));
    }

    /**
     * @param  array<string, Pace>  $paces  by version
     * @param  list<PracticeItem>  $steps
     * @param  array<string, int>  $last
     */
    private function whole(Design $design, array $paces, array $steps, array $last): PracticeItem
    {
        $version = StepValues::version(array_map(StepValues::way(...), $design->toCore()->steps));
        $known = $paces[$version] ?? null;
        $pace = $known ?? Pace::of(Duration::ofMilliseconds($design->plan->total_ms ?? 0), []);
        $promise = $design->promise_ms === null ? null : Duration::ofMilliseconds($design->promise_ms);

        return new PracticeItem(
            drill: null,
            designId: $design->id,
            stepId: null,
            name: $design->name,
            winMs: array_sum(array_map(static fn (PracticeItem $step): int => $step->winMs, $steps)),
            lastMs: $last["{$design->id} "] ?? null,
            pace: $known === null ? null : PaceShown::of($known),
            promiseMs: $design->promise_ms,
            readyAfter: $promise === null ? null : $pace->readyAfter($promise),
        );
    }

    /**
     * @param  array<string, int>  $last
     * @return list<PracticeItem>
     */
    private static function drills(array $last): array
    {
        return array_map(static fn (Drill $drill): PracticeItem => new PracticeItem(
            drill: $drill, designId: null, stepId: null, name: $drill->label(), winMs: 0, lastMs: $last[$drill->value] ?? null,
        ), Drill::cases());
    }

    /** @return array<string, int> by drill, or by design and way */
    private function lastTimes(User $painter): array
    {
        /** @var list<\stdClass&object{drill: string|null, design_id: string|null, way: string, at_ms: int}> $rows */
        $rows = DB::table((new PracticeRun)->getTable())->where('user_id', $painter->id)
            ->groupBy('drill', 'design_id', 'way')->selectRaw('drill, design_id, way, max(at_ms) as at_ms')->get()->all();
        $last = [];
        foreach ($rows as $row) {
            $last[$row->drill ?? "{$row->design_id} {$row->way}"] = $row->at_ms;
        }

        return $last;
    }
}
