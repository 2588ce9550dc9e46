<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Http\Resources\Resource;

/** A thing that could take another one's place. */
final readonly class StandIn extends Resource
{
    public function __construct(public string $id, public string $name) {}
}
