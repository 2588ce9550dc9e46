<?php

declare(strict_types=1);

namespace App\Bench\Advice;

use Core\Order\Check;

/** What the rules of the craft say of a design. */
final readonly class CraftRead
{
    /** @param  array<int, FixShown>  $fixes  by place of the finding, where it has one */
    public function __construct(public Check $check, public array $fixes) {}

    /** @return array<string, list<string>> #rrggbb of each colour as it comes out, by step */
    public function seen(): array
    {
        $seen = [];
        foreach ($this->check->course->sightings as $at => $sightings) {
            foreach ($sightings as $sighting) {
                $seen[$this->check->course->step($at)->id][] = $sighting->seen()->hex();
            }
        }

        return $seen;
    }
}
