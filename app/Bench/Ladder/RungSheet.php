<?php

declare(strict_types=1);

namespace App\Bench\Ladder;

use App\Bench\Advice\TableThing;
use App\Bench\Advice\WeighedRead;
use App\Bench\Designs\TapeSpan;
use App\Http\Resources\Resource;
use App\Plan\FacePlans\PlanStep;
use App\Plan\FacePlans\StepInPlan;
use Core\Ladder\Drop;

/** One version of a design in its quickest order: how it looks, what it takes, what would go next. */
final readonly class RungSheet extends Resource
{
    /**
     * @param  list<PlanStep>  $steps  in painting order
     * @param  list<TapeSpan>  $spans
     * @param  list<TableThing>  $layOut
     * @param  list<DropShown>  $next  the least look lost per second first
     */
    public function __construct(
        public RungShown $rung,
        public array $steps,
        public array $spans,
        public array $layOut,
        public array $next,
    ) {}

    public static function of(WeighedRead $read): self
    {
        return new self(
            rung: RungShown::of($read->rung),
            steps: array_map(PlanStep::of(...), StepInPlan::ofCourse($read->course)),
            spans: TapeSpan::ofTimeline($read->course->timeline),
            layOut: array_map(TableThing::of(...), $read->layOut),
            next: array_map(static fn (Drop $drop): DropShown => DropShown::of($drop, $read->whole), $read->next),
        );
    }
}
