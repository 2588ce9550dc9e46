<?php

declare(strict_types=1);

namespace Core\Order;

interface OrdersSteps extends Rule
{
    /** @return list<Constraint> that hold in whatever order the steps are painted */
    public function constraints(Preparation $design): array;
}
