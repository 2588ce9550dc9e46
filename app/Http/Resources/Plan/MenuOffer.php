<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use App\Http\Resources\Resource;
use Core\Design\Placement;
use Core\Design\RungName;

/** A design on the menu of the day; the rung that is painted, null for as typed. */
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
        public ?RungName $rung,
    ) {}

    public function withoutPrice(): self
    {
        return new self(
            designId: $this->designId,
            name: $this->name,
            placement: $this->placement,
            promiseMs: $this->promiseMs,
            priceCents: null,
            planId: $this->planId,
            plannedMs: $this->plannedMs,
            rung: $this->rung,
        );
    }
}
