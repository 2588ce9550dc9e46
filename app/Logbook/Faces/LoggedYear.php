<?php

declare(strict_types=1);

namespace App\Logbook\Faces;

use Core\Units\Duration;

/** What was painted in a year. */
final readonly class LoggedYear
{
    /** @param  Duration  $inChair  from sitting down to getting up, of all faces together */
    public function __construct(
        public int $year,
        public int $days,
        public int $faces,
        public Duration $painted,
        public Duration $inChair,
    ) {}
}
