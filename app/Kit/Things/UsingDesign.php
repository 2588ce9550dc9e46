<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Http\Resources\Resource;

/** A design that uses a thing. */
final readonly class UsingDesign extends Resource
{
    /** @param  list<string>  $steps  by name */
    public function __construct(public string $id, public string $name, public array $steps) {}
}
