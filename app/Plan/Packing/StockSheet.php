<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Http\Resources\Resource;
use Core\Supplies\StockUse;
use Core\Supplies\Unit;

/** What an event took of the stock. */
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
            ? array_map(static fn (StockUse $use): UsedThing => UsedThing::of($use), $read->uses)
            : array_map(static fn (array $one): UsedThing => new UsedThing(
                itemId: $one['itemId'],
                name: $one['name'],
                unit: Unit::from($one['unit']),
                used: $one['estimated'],
                before: $one['before'],
                left: $one['left'],
                isWeighed: $one['isWeighed'],
            ), $read->counted);

        return new self($read->faces, $things, $read->counted !== null);
    }
}
