<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Http\Resources\Resource;
use Core\Supplies\StockUse;
use Core\Supplies\Unit;

/** A thing of which something was used up. */
final readonly class UsedThing extends Resource
{
    /**
     * @param  float  $used  as estimated
     * @param  int|null  $before  null where nobody had weighed or counted it
     * @param  bool  $isWeighed  whether what is left was put right by hand
     */
    public function __construct(
        public string $itemId,
        public string $name,
        public Unit $unit,
        public float $used,
        public ?int $before,
        public ?int $left,
        public bool $isWeighed,
    ) {}

    public static function of(StockUse $use): self
    {
        return new self(
            itemId: $use->item->id,
            name: $use->item->name,
            unit: $use->unit,
            used: $use->used,
            before: $use->before === null ? null : (int) $use->before,
            left: $use->left(),
            isWeighed: false,
        );
    }
}
