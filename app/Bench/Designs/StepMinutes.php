<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Http\Resources\Resource;
use Core\Design\Medium;

/** Where a design's minutes went, step by step, over the finished faces of a day. */
final readonly class StepMinutes extends Resource
{
    public function __construct(
        public string $name,
        public Medium $medium,
        public int $times,
        public int $skipped,
        public int $plannedMs,
        public int $meanMs,
    ) {}
}
