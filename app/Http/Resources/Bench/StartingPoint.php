<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Resources\Plan\PlanStep;
use App\Http\Resources\Resource;
use Core\Design\Placement;

/** A shipped design that a new one may begin with. */
final readonly class StartingPoint extends Resource
{
    /** @param  list<PlanStep>  $steps */
    public function __construct(public string $name, public Placement $placement, public int $totalMs, public array $steps) {}
}
