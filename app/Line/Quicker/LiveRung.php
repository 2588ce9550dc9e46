<?php

declare(strict_types=1);

namespace App\Line\Quicker;

use App\Http\Resources\Resource;
use App\Plan\FacePlans\Plan;

/** A way to finish a half-painted face: from now on by that plan. */
final readonly class LiveRung extends Resource
{
    /**
     * @param  int  $leftMs  from now to the last step's end
     * @param  float  $share  of the look of the whole design
     * @param  list<string>  $changes  what is done differently, in words
     */
    public function __construct(public int $leftMs, public float $share, public array $changes, public Plan $plan) {}
}
