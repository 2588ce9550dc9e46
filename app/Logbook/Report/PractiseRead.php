<?php

declare(strict_types=1);

namespace App\Logbook\Report;

use Core\Units\Duration;

/** A step that is worth an evening of practice. */
final readonly class PractiseRead
{
    /**
     * @param  int  $times  painted on that day
     * @param  Duration  $takes  the next one, as a rule
     * @param  Duration  $win  of such a day, by an evening of practice
     */
    public function __construct(
        public string $painter,
        public string $design,
        public string $step,
        public int $times,
        public Duration $takes,
        public Duration $win,
    ) {}
}
