<?php

declare(strict_types=1);

namespace App\Line\Quicker;

use App\Plan\FacePlans\PlanRead;
use Core\Ladder\Version;
use Core\Units\Duration;

/** A way to finish a half-painted face: from now on by that plan. */
final readonly class LiveWay
{
    /** @param  Duration  $left  from now to the last step's end */
    public function __construct(public Duration $left, public Version $version, public PlanRead $plan) {}
}
