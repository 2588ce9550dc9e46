<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Http\Resources\Resource;
use Core\Kit\Item;
use Core\Kit\Kit;
use Core\Supplies\Packed;
use Core\Supplies\Unit;

/** Something to pack; what is had is null where nobody counted or weighed it. */
final readonly class PackedThing extends Resource
{
    /** @param  list<string>  $bags  who brings it: whose own it is, or who took the team's home; empty where nobody has said */
    public function __construct(
        public string $kind,
        public string $name,
        public float $amount,
        public Unit $unit,
        public ?float $have,
        public bool $isInKit,
        public float $short,
        public ?string $hex,
        public array $bags,
    ) {}

    /** @param  array<string, string>  $painters  names by id */
    public static function of(Packed $thing, Kit $kit, array $painters): self
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
            bags: self::bags($kit->allNamed($thing->name), $painters),
        );
    }

    /**
     * @param  list<Item>  $items
     * @param  array<string, string>  $painters
     * @return list<string>
     */
    private static function bags(array $items, array $painters): array
    {
        $whose = array_map(static fn (Item $item): string => $painters[$item->owner === '' ? $item->home : $item->owner] ?? '', $items);

        return array_values(array_unique(array_filter($whose, static fn (string $name): bool => $name !== '')));
    }
}
