<?php

declare(strict_types=1);

namespace Core\Line\Ahead;

use Core\Units\Instant;

/** Between when and when a child is called, 8 times of 10, and the moment that is as likely too late as too early. */
final readonly class Window
{
    public function __construct(public Instant $from, public Instant $about, public Instant $until) {}
}
