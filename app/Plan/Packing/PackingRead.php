<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Models\Plan\PackingExtra;
use App\Plan\Days\DayFacts;
use Core\Kit\Kit;
use Core\Supplies\Packed;
use Core\Supplies\Thrift;

/** What an event needs in the bag, or in each of several bags. */
final readonly class PackingRead
{
    /**
     * @param  int  $faces  packed for: nine days of ten have no more
     * @param  list<Packed>  $things
     * @param  array<int, PackingExtra>  $extras  besides the kit
     * @param  list<string>  $ticked  kind and name of what is in the bag
     * @param  array<string, string>  $painters  names by id
     * @param  StockRead|null  $stock  null before anything was painted
     */
    public function __construct(
        public DayFacts $day,
        public int $faces,
        public array $things,
        public array $extras,
        public array $ticked,
        public Kit $kit,
        public array $painters,
        public Thrift $thrift,
        public BagsRead $bags,
        public ?StockRead $stock,
    ) {}
}
