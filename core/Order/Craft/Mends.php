<?php

declare(strict_types=1);

namespace Core\Order\Craft;

use Core\Order\Constraint;
use Core\Order\PaintedSequence;

/** For rules that order steps and know a better way out than waiting or moving. */
interface Mends extends OrdersSteps
{
    /** @return Fix|null null where waiting or moving is as good */
    public function mend(PaintedSequence $course, Constraint $broken): ?Fix;
}
