<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Account\Ways\PainterBench;
use App\Models\Bench\Design;
use App\Models\Bench\Step;
use App\Plan\FacePlans\PlanDesign;
use App\Plan\FacePlans\RankDesigns;
use Core\Design\Design as CoreDesign;
use Core\Design\Pin;
use Core\Design\RungChoice;
use Core\Design\Silence;
use Core\Design\Step as CoreStep;
use Core\Design\StepValues;

/** Writes a design's content and the plan that faces seated from now on get. Runs inside the caller's transaction. */
final readonly class WriteDesign
{
    public function __construct(private PlanDesign $planDesign, private RankDesigns $rank) {}

    public function __invoke(PainterBench $bench, Design $design, CoreDesign $content): void
    {
        $design->fill([
            'name' => $content->name,
            'placement' => $content->placement,
            'promise_ms' => $content->promise?->milliseconds,
            'tags' => $content->tags,
            'still_ms' => $content->audience->sitsStillFor?->milliseconds,
            'gentle' => $content->audience->isGentle,
            'from_age' => $content->audience->fromAge,
            'pins' => array_map(static fn (Pin $pin): array => ['kind' => $pin->kind->value, 'steps' => $pin->steps], $content->pins),
            'silences' => array_map(
                static fn (Silence $silence): array => ['rule' => $silence->rule, 'reason' => $silence->reason],
                $content->silences,
            ),
            'rungs' => array_map(self::rung(...), $content->rungs),
        ]);
        $design->save();
        $this->writeSteps($design, $content);
        ($this->planDesign)($bench, $design, $content);
        ($this->rank)($design->team_id, [$design->id]);
        $design->unsetRelations();
    }

    /** @return array{name: string, withinMs?: int, leftOut?: list<string>, otherWays?: array<int|string, int>} */
    private static function rung(RungChoice $rung): array
    {
        return $rung->within === null
            ? ['name' => $rung->name->value, 'leftOut' => $rung->leftOut, 'otherWays' => $rung->otherWays]
            : ['name' => $rung->name->value, 'withinMs' => $rung->within->milliseconds];
    }

    private function writeSteps(Design $design, CoreDesign $content): void
    {
        Step::query()->where('design_id', $design->id)->delete();
        Step::query()->insert(array_map(static fn (CoreStep $step, int $position): array => [
            'id' => $step->id,
            'design_id' => $design->id,
            'position' => $position,
            'content' => json_encode(StepValues::of($step), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        ], $content->steps, array_keys($content->steps)));
    }
}
