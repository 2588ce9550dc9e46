<?php

declare(strict_types=1);

namespace Core\Order;

/** A step that another order has at another place, and why. */
final readonly class Move
{
    /**
     * @param  string  $step  id
     * @param  int  $from  place in the typed order, 0 the first
     * @param  int  $to  place in the new one
     */
    public function __construct(public string $step, public int $from, public int $to, public string $why) {}
}
