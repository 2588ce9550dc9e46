<?php

declare(strict_types=1);

namespace App\Practice\Training;

use App\Bench\Advice\PaceShown;
use App\Http\Resources\Resource;
use Core\Pace\Drill;

/** A thing that may be practised next. */
final readonly class PracticeItem extends Resource
{
    /**
     * @param  string|null  $stepId  null for the whole design, or a drill
     * @param  int  $winMs  over the booked days, by ten more repetitions
     * @param  int|null  $lastMs  when it was last painted on the board
     * @param  int|null  $readyAfter  repetitions until the design keeps its promise; 0 for now, null where it cannot be said
     */
    public function __construct(
        public ?Drill $drill,
        public ?string $designId,
        public ?string $stepId,
        public string $name,
        public int $winMs,
        public ?int $lastMs,
        public ?PaceShown $pace = null,
        public ?int $promiseMs = null,
        public ?int $readyAfter = null,
    ) {}
}
