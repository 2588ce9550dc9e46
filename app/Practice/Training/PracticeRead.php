<?php

declare(strict_types=1);

namespace App\Practice\Training;

/** What a painter could practise. */
final readonly class PracticeRead
{
    /**
     * @param  list<PracticeThing>  $next  steps of designs on the menus of booked days, the most minutes to win first
     * @param  list<PracticeThing>  $designs  those of booked days first
     * @param  list<PracticeThing>  $drills
     * @param  int  $faces  expected on the booked days
     */
    public function __construct(public array $next, public array $designs, public array $drills, public int $faces) {}
}
