<?php

declare(strict_types=1);

namespace Core\Line;

/** What a line still knows of children who went long ago and are no longer in it. */
final readonly class Forgotten
{
    public function __construct(public int $finished = 0, public int $highestNumber = 0) {}
}
