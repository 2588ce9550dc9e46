<?php

declare(strict_types=1);

namespace App\Http\Resources\Line;

use App\Http\Resources\Resource;

/** A face being painted, with what its clocks run from. */
final readonly class SeatedChild extends Resource
{
    /** @param  list<StepProgress>  $steps in painting order */
    public function __construct(
        public string $id,
        public int $number,
        public ?string $firstName,
        public string $designId,
        public string $design,
        public string $planId,
        public ?int $promiseMs,
        public int $seatedAt,
        public int $tappedAt,
        public int $pausedInStepMs,
        public ?int $pausedAt,
        public ?int $paintedAt,
        public array $steps,
    ) {}
}
