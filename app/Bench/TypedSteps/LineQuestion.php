<?php

declare(strict_types=1);

namespace App\Bench\TypedSteps;

use App\Http\Resources\Resource;

/** What is asked of a typed line; the first choice is assumed meanwhile. */
final readonly class LineQuestion extends Resource
{
    /** @param  list<LineChoice>  $choices */
    public function __construct(public string $asks, public array $choices) {}
}
