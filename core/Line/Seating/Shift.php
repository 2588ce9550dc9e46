<?php

declare(strict_types=1);

namespace Core\Line\Seating;

use Core\Units\Instant;

/** From when on somebody is meant to sit at a chair; null for nobody. */
final readonly class Shift
{
    public function __construct(public int $chair, public ?string $painter, public Instant $from) {}
}
