<?php

declare(strict_types=1);

namespace App\Bench\TypedSteps;

use Core\Design\Wording\ListReading;
use Core\Timeline\Timeline;

/** A list of steps as it was read. */
final readonly class ListRead
{
    /**
     * @param  Timeline  $timeline  of as many steps as a design can hold
     * @param  list<list<StepRead>>  $steps  of each line
     */
    public function __construct(public ListReading $reading, public Timeline $timeline, public array $steps) {}
}
