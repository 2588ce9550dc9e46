<?php

declare(strict_types=1);

namespace App\Practice\Training;

use App\Http\Resources\Resource;

/** How long the n-th repetition takes, by what is logged: half of such are done by the middle, eight of ten by the other. */
final readonly class CurvePoint extends Resource
{
    public function __construct(public int $nth, public int $middleMs, public int $eightOfTenMs) {}
}
