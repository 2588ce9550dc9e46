<?php

declare(strict_types=1);

namespace App\Bench\Advice;

use App\Bench\Ladder\RungRead;
use Core\Ladder\Drop;
use Core\Order\Course;
use Core\Table\LaidThing;

/** A version of a design, and what could be left out of it next. */
final readonly class WeighedRead
{
    /**
     * @param  list<LaidThing>  $layOut
     * @param  list<Drop>  $next  the least look lost per second first
     * @param  float  $whole  look of the whole design
     */
    public function __construct(
        public RungRead $rung,
        public Course $course,
        public array $layOut,
        public array $next,
        public float $whole,
    ) {}
}
