<?php

declare(strict_types=1);

namespace Core\Order\Craft;

use Core\Order\PaintedSequence;

interface LooksAtFace extends Rule
{
    /** @return list<Finding> of the design painted in its given order */
    public function findings(PaintedSequence $course): array;
}
