<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Resources\Kit\KitSheet;
use App\Http\Resources\Resource;

/** A thing was taken out of the kit: how to put it back, and what is left. */
final readonly class TakenOut extends Resource
{
    public function __construct(public string $removalId, public KitSheet $kit) {}
}
