<?php

declare(strict_types=1);

namespace App\Logbook\Faces;

use App\Http\Resources\Resource;

/** What was painted in a year. */
final readonly class LogYear extends Resource
{
    /** @param  int  $chairMs  from sitting down to getting up, of all faces together */
    public function __construct(
        public int $year,
        public int $days,
        public int $faces,
        public int $paintedMs,
        public int $chairMs,
    ) {}
}
