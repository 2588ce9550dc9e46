<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use Core\Supplies\Packed;

/** What an event needs in the bag. */
final readonly class PackingRead
{
    /**
     * @param  int  $faces  packed for: nine days of ten have no more
     * @param  list<Packed>  $things
     */
    public function __construct(public DayFacts $day, public int $faces, public array $things) {}
}
