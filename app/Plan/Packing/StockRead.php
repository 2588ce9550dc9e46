<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Models\Kit\StockCount;
use Core\Supplies\StockUse;

/**
 * What an event took, and what was taken off for it.
 *
 * @phpstan-import-type Counted from StockCount
 */
final readonly class StockRead
{
    /**
     * @param  int  $faces  that were painted
     * @param  list<StockUse>  $uses  as estimated
     * @param  list<Counted>|null  $counted  null while nothing was taken off
     */
    public function __construct(public int $faces, public array $uses, public ?array $counted) {}

    /** @return array<string, int|null> what is left by item: as counted, or as it should be; null where nobody knows */
    public function left(): array
    {
        $left = [];
        foreach ($this->uses as $use) {
            $left[$use->item->id] = $use->left();
        }

        return [...$left, ...array_column($this->counted ?? [], 'left', 'itemId')];
    }
}
