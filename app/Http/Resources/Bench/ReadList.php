<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Resources\Resource;
use Core\Design\Placement;

/** A typed list: what was understood of each line, and the tape that its steps make. */
final readonly class ReadList extends Resource
{
    /**
     * @param  string  $title  empty where it has none
     * @param  bool  $saysPlacement  whether the list itself says where it is painted
     * @param  list<ReadLine>  $lines  blank ones left out
     * @param  int  $steps  how many it makes
     * @param  int  $mostSteps  that a design holds: the tape shows no more
     * @param  list<TapeSpan>  $spans
     * @param  list<PinShown>  $pins  of steps by their place, "1" being the first
     */
    public function __construct(
        public string $title,
        public Placement $placement,
        public bool $saysPlacement,
        public array $lines,
        public int $steps,
        public int $mostSteps,
        public array $spans,
        public int $totalMs,
        public array $pins,
    ) {}
}
