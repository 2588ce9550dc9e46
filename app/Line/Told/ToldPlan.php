<?php

declare(strict_types=1);

namespace App\Line\Told;

use App\Http\Resources\Resource;
use Core\Line\FacePlan;
use Core\Line\StoryValues;

/**
 * What a child in the story was seated for.
 *
 * @phpstan-type ToldStep array{id: string, name: string, plannedMs: int}
 */
final readonly class ToldPlan extends Resource
{
    /** @param  list<ToldStep>  $steps  in painting order */
    public function __construct(public string $id, public string $design, public array $steps) {}

    public static function of(FacePlan $plan): self
    {
        ['id' => $id, 'design' => $design, 'steps' => $steps] = StoryValues::plan($plan);

        return new self($id, $design, $steps);
    }
}
