<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Core\Design\Placement;

/** A design on the menu of the day. */
final readonly class MenuOffer extends Resource
{
    public function __construct(
        public string $designId,
        public string $name,
        public Placement $placement,
        public int $promiseMs,
        public ?int $priceCents,
        public ?string $planId,
        public int $plannedMs,
    ) {}
}
