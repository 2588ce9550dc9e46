<?php

declare(strict_types=1);

namespace App\Http\Resources\Kit;

use App\Http\Resources\Resource;

/** All that a team owns, and what the painter's hands take between steps. */
final readonly class KitSheet extends Resource
{
    /**
     * @param  list<KitThing>  $things  by name
     * @param  list<HandTime>  $hands
     */
    public function __construct(public array $things, public array $hands) {}
}
