<?php

declare(strict_types=1);

namespace App\Plan\FacePlans;

use Core\Design\Design;
use Core\Design\RungName;
use Core\Plan\Safety\Advice;
use Core\Units\Duration;

/** What a face is or may be seated with. */
final readonly class PlanRead
{
    /**
     * @param  Design  $design  as it is planned
     * @param  list<StepInPlan>  $steps
     * @param  list<array{kind: string, stepId: string, startMs: int, lengthMs: int}>  $spans
     * @param  list<RungName>  $rungs  by which names it is known
     * @param  list<string>  $changes  what is done differently from the design as typed, for a rung
     * @param  list<string>  $paintedBy  painters whose own it is; nobody's is the team's
     * @param  list<Advice>  $cautions  what each answer before painting means for it
     * @param  Duration|null  $eightOfTen  null while nothing is logged
     */
    public function __construct(
        public string $id,
        public string $designId,
        public Design $design,
        public Duration $total,
        public array $steps,
        public array $spans,
        public array $rungs,
        public array $changes,
        public array $paintedBy,
        public array $cautions,
        public ?Duration $eightOfTen,
    ) {}
}
