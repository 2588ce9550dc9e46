<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Http\Resources\Resource;
use Core\Supplies\StockUse;
use Core\Supplies\Unit;

/**
 * What an event took of the stock.
 *
 * UsedThing: used: as estimated; before: null where nobody had weighed or counted it; isWeighed: whether what is left was put
 *   right by hand.
 *
 * @phpstan-type UsedThing array{
 *     itemId: string,
 *     name: string,
 *     unit: Unit,
 *     used: float,
 *     before: int|null,
 *     left: int|null,
 *     isWeighed: bool,
 * }
 */
final readonly class StockSheet extends Resource
{
    /**
     * @param  list<UsedThing>  $things
     * @param  bool  $isTaken  whether it is off the stock already
     */
    public function __construct(public int $faces, public array $things, public bool $isTaken) {}

    public static function of(StockRead $read): self
    {
        $things = $read->counted === null
            ? array_map(static fn (StockUse $use): array => self::used($use), $read->uses)
            : array_map(static fn (array $one): array => [
                'itemId' => $one['itemId'],
                'name' => $one['name'],
                'unit' => Unit::from($one['unit']),
                'used' => $one['estimated'],
                'before' => $one['before'],
                'left' => $one['left'],
                'isWeighed' => $one['isWeighed'],
            ], $read->counted);

        return new self($read->faces, $things, $read->counted !== null);
    }

    /** @return UsedThing a thing of which something was used up */
    private static function used(StockUse $use): array
    {
        return [
            'itemId' => $use->item->id,
            'name' => $use->item->name,
            'unit' => $use->unit,
            'used' => $use->used,
            'before' => $use->before === null ? null : (int) $use->before,
            'left' => $use->left(),
            'isWeighed' => false,
        ];
    }
}
