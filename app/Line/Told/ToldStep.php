<?php

declare(strict_types=1);

namespace App\Line\Told;

use App\Http\Resources\Resource;

/** A step of such a plan. */
final readonly class ToldStep extends Resource
{
    public function __construct(public string $id, public string $name, public int $plannedMs) {}
}
