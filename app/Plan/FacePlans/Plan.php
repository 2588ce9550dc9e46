<?php

declare(strict_types=1);

namespace App\Plan\FacePlans;

use App\Bench\Designs\StopShown;
use App\Bench\Designs\TapeSpan;
use App\Http\Resources\Resource;
use Core\Design\Place\Placement;
use Core\Design\RungName;
use Core\Ladder\StopPoint;
use Core\Ladder\StopPoints;
use Core\Line\Caution;
use Core\Plan\Safety\Advice;

/**
 * What a face is seated with. Immutable: its id is the hash of its content.
 *
 * CautionShown: without: ids of the steps that are left out.
 *
 * @phpstan-type CautionShown array{caution: Caution, refused: bool, without: list<string>, words: string}
 */
final readonly class Plan extends Resource
{
    /**
     * @param  list<PlanStep>  $steps
     * @param  list<TapeSpan>  $spans
     * @param  list<RungName>  $rungs  by which names it is known
     * @param  list<StopShown>  $stops  where one may stop, in painting order
     * @param  int|null  $eightOfTenMs  eight of ten faces of whoever paints by it, or asks, are done by then; null while nothing is logged
     * @param  list<string>  $paintedBy  painters whose own it is; nobody's is the team's
     * @param  list<CautionShown>  $cautions  what each answer before painting means for it
     * @param  list<string>  $changes  what is done differently from the design as typed, for a rung
     */
    public function __construct(
        public string $id,
        public string $name,
        public Placement $placement,
        public int $totalMs,
        public array $steps,
        public array $spans,
        public string $designId,
        public array $rungs,
        public array $changes,
        public array $stops,
        public array $paintedBy,
        public array $cautions,
        public ?int $eightOfTenMs,
    ) {}

    public static function of(PlanRead $plan): self
    {
        $steps = $plan->design->steps;

        return new self(
            id: $plan->id,
            name: $plan->design->name,
            placement: $plan->design->placement,
            totalMs: $plan->total->milliseconds,
            steps: array_map(PlanStep::of(...), $plan->steps),
            spans: TapeSpan::ofPlan($plan->spans),
            designId: $plan->designId,
            rungs: $plan->rungs,
            changes: $plan->changes,
            stops: array_map(static fn (StopPoint $stop): StopShown => StopShown::of($stop, $steps), StopPoints::of($plan->design)),
            paintedBy: $plan->paintedBy,
            cautions: array_map(self::caution(...), $plan->cautions),
            eightOfTenMs: $plan->eightOfTen?->milliseconds,
        );
    }

    /** @return CautionShown what an answer before painting means for a design */
    private static function caution(Advice $advice): array
    {
        return ['caution' => $advice->caution, 'refused' => $advice->isRefused, 'without' => $advice->without, 'words' => $advice->words];
    }
}
