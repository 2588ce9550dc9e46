<?php

declare(strict_types=1);

namespace App\Bench\Files;

use App\Http\Resources\Resource;
use App\Kit\Things\KitSheet;

/** A thing was taken out of the kit: how to put it back, and what is left. */
final readonly class TakenOut extends Resource
{
    public function __construct(public string $removalId, public KitSheet $kit) {}
}
