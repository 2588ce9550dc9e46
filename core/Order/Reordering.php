<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Units\Duration;

/** One step at another place. */
final readonly class Reordering
{
    /**
     * @param  list<int>  $order  places of all steps, in the new order
     * @param  int  $moved  the step that was moved
     * @param  Duration  $saved  against the order it was in
     */
    public function __construct(public array $order, public int $moved, public Duration $saved) {}
}
