<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\Design\Step;
use Core\Pace\Drill;
use Core\Units\Duration;

/** A stroke of a design, and how it goes. */
final readonly class WeakStroke
{
    /**
     * @param  Step  $step  in which it goes weakest
     * @param  Drill|null  $drill  that practises it on its own
     * @param  Duration  $usual  what such work usually takes
     * @param  float|null  $share  of that, that it takes this painter in the middle; null while nobody has timed it
     */
    public function __construct(public Step $step, public ?Drill $drill, public Duration $usual, public ?float $share) {}
}
