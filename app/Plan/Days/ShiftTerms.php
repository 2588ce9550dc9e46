<?php

declare(strict_types=1);

namespace App\Plan\Days;

/** From when on somebody is to sit at a chair, checked for shape. */
final readonly class ShiftTerms
{
    /**
     * @param  string|null  $painterId  null for nobody
     * @param  int  $fromMs  milliseconds since 1970 in UTC; 0 for the beginning of the day
     */
    public function __construct(public int $chair, public ?string $painterId, public int $fromMs) {}
}
