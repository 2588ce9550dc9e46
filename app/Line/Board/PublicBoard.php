<?php

declare(strict_types=1);

namespace App\Line\Board;

use App\Models\Plan\EventDay;

/** A day whose line is shown to whoever has the link to its board. */
final readonly class PublicBoard
{
    public function __construct(public EventDay $day, public bool $showsNames) {}
}
