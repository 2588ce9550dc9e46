<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Http\Resources\Resource;

/**
 * Where a thing of the kit is used, and what could take its place.
 *
 * @phpstan-type UsingDesign array{id: string, name: string, steps: list<string>}
 * @phpstan-type StandIn array{id: string, name: string}
 */
final readonly class ThingUses extends Resource
{
    /**
     * @param  list<UsingDesign>  $designs
     * @param  list<StandIn>  $instead
     */
    public function __construct(public array $designs, public array $instead) {}
}
