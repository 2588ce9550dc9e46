<?php

declare(strict_types=1);

namespace App\Http\Resources\Line;

use App\Http\Resources\Resource;

/** What a child in the story was seated for. */
final readonly class ToldPlan extends Resource
{
    /** @param  list<ToldStep>  $steps  in painting order */
    public function __construct(public string $id, public string $design, public array $steps) {}
}
