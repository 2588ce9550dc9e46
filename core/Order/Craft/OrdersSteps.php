<?php

declare(strict_types=1);

namespace Core\Order\Craft;

use Core\Order\Constraint;
use Core\Order\DesignFacts;

interface OrdersSteps extends Rule
{
    /** @return list<Constraint> that hold in whatever order the steps are painted */
    public function constraints(DesignFacts $design): array;
}
