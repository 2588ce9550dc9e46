<?php

declare(strict_types=1);

namespace App\Plan\Days;

use Core\Line\Seating\Roster;
use Core\Line\Seating\Shift;

/** Who is meant to sit where on a day. */
final readonly class DayRoster
{
    /**
     * @param  array<string, string>  $painters  names by id, of all who paint in the team
     * @param  list<Shift>  $shifts  as said, or as assumed
     */
    public function __construct(public array $painters, public array $shifts, public bool $isAssumed) {}

    public function toCore(): Roster
    {
        return new Roster($this->shifts);
    }
}
