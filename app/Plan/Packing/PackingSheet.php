<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Http\Resources\Resource;
use App\Plan\Days\DaySummary;
use Core\Supplies\Packed;

/**
 * What an event needs in the bag, or in each of several bags.
 *
 * @phpstan-type ExtraPacked array{name: string, howMany: int}
 */
final readonly class PackingSheet extends Resource
{
    /**
     * @param  int  $faces  packed for: nine days of ten have no more
     * @param  list<PackedThing>  $things
     * @param  list<ExtraPacked>  $extras  besides the kit, for every event
     * @param  list<string>  $ticked  kind and name of what is in the bag
     * @param  float  $thrift  of the estimated grams of paint, what the team uses up as far as it was weighed
     */
    public function __construct(
        public DaySummary $day,
        public int $faces,
        public array $things,
        public array $extras,
        public array $ticked,
        public float $thrift,
        public BagsTogether $bags,
        public ?StockSheet $stock,
    ) {}

    public static function of(PackingRead $read): self
    {
        return new self(
            day: DaySummary::of($read->day),
            faces: $read->faces,
            things: array_map(
                static fn (Packed $thing): PackedThing => PackedThing::of($thing, $read->kit, $read->painters),
                $read->things,
            ),
            extras: self::extras($read),
            ticked: $read->ticked,
            thrift: round($read->thrift->paint, 2),
            bags: BagsTogether::of($read->bags),
            stock: $read->stock === null ? null : StockSheet::of($read->stock),
        );
    }

    /** @return list<ExtraPacked> */
    private static function extras(PackingRead $read): array
    {
        $all = [];
        foreach ($read->extras as $extra) {
            $all[] = ['name' => $extra->name, 'howMany' => $extra->how_many];
        }

        return $all;
    }
}
