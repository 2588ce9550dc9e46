<?php

declare(strict_types=1);

namespace App\Http\Resources\Practice;

use App\Http\Resources\Bench\PaceShown;
use App\Http\Resources\Resource;
use Core\Design\Side;

/** One side of what is practised, with its curve. */
final readonly class TrainedSide extends Resource
{
    /**
     * @param  Side|null  $side  null for as it is typed
     * @param  list<RepetitionShown>  $repetitions  the oldest first
     * @param  list<CurvePoint>  $curve  from the first repetition to some that are to come
     * @param  int  $aheadMs  after eight more
     * @param  int|null  $readyAfter  repetitions until eight of ten are within the target; null where that is too far off, or
     *     nothing is aimed at
     */
    public function __construct(
        public ?Side $side,
        public array $repetitions,
        public array $curve,
        public ?PaceShown $pace,
        public int $plannedMs,
        public int $aheadMs,
        public ?int $readyAfter,
    ) {}
}
