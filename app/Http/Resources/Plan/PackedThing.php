<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use App\Http\Resources\Resource;
use Core\Supplies\Packed;
use Core\Supplies\Unit;

/** Something to pack; what is had is null where nobody counted or weighed it. */
final readonly class PackedThing extends Resource
{
    public function __construct(
        public string $kind,
        public string $name,
        public float $amount,
        public Unit $unit,
        public ?float $have,
        public bool $isInKit,
        public float $short,
        public ?string $hex,
    ) {}

    public static function of(Packed $thing): self
    {
        return new self(
            kind: $thing->kind,
            name: $thing->name,
            amount: $thing->amount,
            unit: $thing->unit,
            have: $thing->have,
            isInKit: $thing->isInKit,
            short: round($thing->short(), 1),
            hex: $thing->colour?->hex,
        );
    }
}
