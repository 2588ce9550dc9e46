<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Design\Design;
use Core\Units\Duration;

/** A version in its quickest order. */
final readonly class Rung
{
    /**
     * @param  Design  $design  its steps in that order, waits written in
     * @param  bool  $isProven  false when the search for its order was cut short
     */
    public function __construct(public Version $version, public Design $design, public Duration $time, public bool $isProven) {}
}
