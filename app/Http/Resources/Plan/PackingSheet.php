<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use App\Http\Resources\Resource;
use App\Queries\Plan\PackingRead;
use Core\Supplies\Packed;

/** What an event needs in the bag. */
final readonly class PackingSheet extends Resource
{
    /**
     * @param  int  $faces  packed for: nine days of ten have no more
     * @param  list<PackedThing>  $things
     */
    public function __construct(public DaySummary $day, public int $faces, public array $things) {}

    public static function of(PackingRead $read): self
    {
        return new self(
            DaySummary::of($read->day),
            $read->faces,
            array_map(static fn (Packed $thing): PackedThing => PackedThing::of($thing), $read->things),
        );
    }
}
