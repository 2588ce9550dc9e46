<?php

declare(strict_types=1);

namespace App\Practice\Training;

use App\Http\Resources\Resource;

/** All that a painter may practise. */
final readonly class PracticeSheet extends Resource
{
    /**
     * @param  list<PracticeItem>  $next  steps of designs on the menus of booked days, the most minutes to win first
     * @param  list<PracticeItem>  $designs  those of booked days first
     * @param  list<PracticeItem>  $drills
     * @param  int  $faces  expected on the booked days
     */
    public function __construct(public array $next, public array $designs, public array $drills, public int $faces) {}
}
