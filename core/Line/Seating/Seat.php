<?php

declare(strict_types=1);

namespace Core\Line\Seating;

use Core\Units\Instant;

/** Who sits at a chair to paint, as was tapped there or at the chair to which they went. */
final readonly class Seat
{
    /**
     * @param  string|null  $painter  null for nobody
     * @param  Instant|null  $since  when that painter sat down, or the last one left; null while nobody has said
     * @param  Instant|null  $awayUntil  on a break, and meant to be back by then
     */
    public function __construct(public ?string $painter, public ?Instant $since, public ?Instant $awayUntil = null) {}
}
