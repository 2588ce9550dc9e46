<?php

declare(strict_types=1);

namespace App\Bench\Order;

use App\Http\Resources\Resource;

/** A step that the best order has elsewhere. */
final readonly class MovedStep extends Resource
{
    /** @param  int  $from  place in the typed order, the first being 1 */
    public function __construct(public string $stepId, public int $from, public int $to, public string $why) {}
}
