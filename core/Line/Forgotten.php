<?php

declare(strict_types=1);

namespace Core\Line;

use Core\Units\Instant;

/** What a line still knows of children who went long ago and are no longer in it. */
final readonly class Forgotten
{
    /** @param  Instant|null  $until  of the newest event about one of them; null when nobody was forgotten */
    public function __construct(public int $finished = 0, public int $highestNumber = 0, public ?Instant $until = null) {}
}
