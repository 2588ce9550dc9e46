<?php

declare(strict_types=1);

namespace App\Logbook\Faces;

use App\Logbook\Pace\DesignRead;
use App\Plan\Days\DayFacts;

/** The logbook page of one day. */
final readonly class DayRead
{
    /**
     * @param  list<FaceRead>  $faces  in the order they were seated
     * @param  list<DesignRead>  $designs  most painted first
     * @param  bool  $isBroughtIn  whether it came with a file
     */
    public function __construct(public DayFacts $day, public array $faces, public array $designs, public bool $isBroughtIn) {}
}
