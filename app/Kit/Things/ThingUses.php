<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Http\Resources\Resource;
use Core\Kit\Item;

/** Where a thing of the kit is used, and what could take its place. */
final readonly class ThingUses extends Resource
{
    /**
     * @param  list<UsingDesign>  $designs
     * @param  list<StandIn>  $instead
     */
    public function __construct(public array $designs, public array $instead) {}

    public static function of(UsesRead $uses): self
    {
        return new self(
            array_map(
                static fn (array $design): UsingDesign => new UsingDesign($design['id'], $design['name'], $design['steps']),
                $uses->designs,
            ),
            array_map(static fn (Item $other): StandIn => new StandIn($other->id, $other->name), $uses->instead),
        );
    }
}
