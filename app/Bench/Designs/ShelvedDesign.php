<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Plan\FacePlans\StepInPlan;
use Core\Design\Photo\Photo;
use Core\Design\Place\Placement;
use Core\Units\Duration;
use Core\Units\Instant;

/** A design as it lies on the shelf: a tape. */
final readonly class ShelvedDesign
{
    /**
     * @param  list<string>  $tags
     * @param  Duration  $total  nothing while there are no steps
     * @param  list<array{kind: string, stepId: string, startMs: int, lengthMs: int}>  $spans
     * @param  list<StepInPlan>  $steps
     * @param  Instant|null  $lastPainted  when a child was seated with it last; null before the first
     */
    public function __construct(
        public string $id,
        public string $name,
        public Placement $placement,
        public ?Duration $promise,
        public array $tags,
        public ?Duration $still,
        public bool $isGentle,
        public bool $isArchived,
        public Duration $total,
        public array $spans,
        public array $steps,
        public ?Instant $lastPainted,
        public ?Photo $photo,
    ) {}
}
