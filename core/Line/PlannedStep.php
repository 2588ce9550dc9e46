<?php

declare(strict_types=1);

namespace Core\Line;

use Core\Units\Duration;

/** A step of a face's plan. */
final readonly class PlannedStep
{
    /**
     * @param  Duration  $planned from the tap before it to its own, with the changeover and wait that lead up to it
     * @param  string  $plan  id of the plan it stands in
     */
    public function __construct(public string $id, public string $name, public Duration $planned, public string $plan) {}
}
