<?php

declare(strict_types=1);

namespace Core\Timeline;

use Core\Design\Step;
use Core\Units\Duration;

/** The step of a design that takes most longer than planned. */
final readonly class RunOver
{
    /** What runs over by less than a tenth is as planned. Team's estimate. */
    private const AS_PLANNED = 0.1;

    private function __construct(public Step $step, public Duration $over) {}

    /** @param  list<Step>  $steps  of which those are the times */
    public static function worst(array $steps, HandTimes $hands): ?self
    {
        $worst = null;
        foreach ($steps as $at => $step) {
            $planned = $hands->planned[$at];
            $over = $hands->painting[$at]->duration->minus($planned);
            if ($over->isLongerThan($planned->times(self::AS_PLANNED)) && ($worst === null || $over->isLongerThan($worst->over))) {
                $worst = new self($step, $over);
            }
        }

        return $worst;
    }
}
