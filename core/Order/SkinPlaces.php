<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Step;

/** The places on the skin that a step lies on: its zones, each with a left and a right half. */
final readonly class SkinPlaces
{
    /** @param  array<int, true>  $places  by number: two for each zone, in the order of the zones, left before right */
    private function __construct(private array $places) {}

    public static function of(Step $step): self
    {
        /** @var array<string, int> $numbers */
        static $numbers = [];
        $numbers = $numbers === [] ? array_flip(array_column(Zone::cases(), 'value')) : $numbers;
        $places = [];
        foreach ($step->zones as $zone) {
            $left = 2 * $numbers[$zone->value];
            $isMiddle = $zone->isOnMiddleLine();
            if ($isMiddle || $step->side !== Side::Right) {
                $places[$left] = true;
            }
            if ($isMiddle || $step->side !== Side::Left) {
                $places[$left + 1] = true;
            }
        }
        ksort($places);

        return new self($places);
    }

    public function meet(self $other): bool
    {
        foreach ($this->places as $place => $here) {
            if (isset($other->places[$place])) {
                return true;
            }
        }

        return false;
    }

    /** @return list<int> */
    public function all(): array
    {
        return array_keys($this->places);
    }
}
