<?php

declare(strict_types=1);

namespace Core\Plan\Simulation;

/** A face of a day that was played: who, what, and when in milliseconds since the opening. */
final readonly class PlayedFace
{
    /**
     * @param  int  $child  in the order in which they came, from 0
     * @param  int  $artist  in the order of the scenario, from 0
     * @param  int  $offer  in the order of the menu, from 0
     * @param  int  $version  0 for the usual one, 1 for the quick one
     * @param  int  $free  when the artist is done with the turnaround
     */
    public function __construct(
        public int $child,
        public int $arrived,
        public int $artist,
        public int $offer,
        public int $version,
        public int $seated,
        public int $painted,
        public int $free,
    ) {}
}
