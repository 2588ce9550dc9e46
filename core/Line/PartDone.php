<?php

declare(strict_types=1);

namespace Core\Line;

use Core\Line\Ahead\AfterFace;
use Core\Units\Instant;

/** A part of the turnaround, and when it was over. */
final readonly class PartDone
{
    public function __construct(public AfterFace $part, public Instant $at) {}
}
