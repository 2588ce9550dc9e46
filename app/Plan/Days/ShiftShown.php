<?php

declare(strict_types=1);

namespace App\Plan\Days;

use App\Http\Resources\Resource;
use Core\Line\Seating\Shift;

/** From when on somebody is meant to sit at a chair: 0 for the beginning of the day; without a painter nobody does. */
final readonly class ShiftShown extends Resource
{
    public function __construct(public int $chair, public ?string $painterId, public int $from) {}

    public static function of(Shift $shift): self
    {
        return new self($shift->chair, $shift->painter, $shift->from->epochMilliseconds);
    }
}
