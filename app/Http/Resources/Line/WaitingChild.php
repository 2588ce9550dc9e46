<?php

declare(strict_types=1);

namespace App\Http\Resources\Line;

use App\Http\Resources\Resource;

/** A child in the line, with the time it is likely to be called and whether it is finished before closing. */
final readonly class WaitingChild extends Resource
{
    public function __construct(
        public string $id,
        public int $number,
        public ?string $firstName,
        public string $designId,
        public string $design,
        public ?string $planId,
        public int $plannedMs,
        public bool $called,
        public int $joinedAt,
        public int $callAt,
        public int $callChair,
        public int $finishedAt,
        public bool $beforeClosing,
    ) {}
}
