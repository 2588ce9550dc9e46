<?php

declare(strict_types=1);

namespace App\Http\Resources\Line;

use App\Http\Resources\Plan\PlanStep;
use App\Http\Resources\Resource;
use App\Queries\Plan\PlanRead;
use Core\Design\Placement;

/** What the picture of a design on the menu is drawn from. */
final readonly class PublicPicture extends Resource
{
    /** @param  list<PlanStep>  $steps */
    public function __construct(public string $designId, public Placement $placement, public array $steps) {}

    public static function of(PlanRead $plan): self
    {
        return new self($plan->designId, $plan->design->placement, array_map(PlanStep::of(...), $plan->steps));
    }
}
