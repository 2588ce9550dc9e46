<?php

declare(strict_types=1);

namespace App\Bench\Advice;

use App\Http\Resources\Resource;
use Core\Pace\Pace;
use Core\Units\Duration;

/** How long something really takes, and what that rests on. */
final readonly class PaceShown extends Resource
{
    /**
     * @param  int  $middleMs  half of them are done by then
     * @param  int  $eightOfTenMs  eight of ten are done by then
     * @param  int  $faces  whole faces that it rests on; 0 where it is put together from its steps
     * @param  int  $practised  repetitions on the board
     * @param  int  $leftOut  runs that were interrupted
     * @param  int  $slips  taps that cannot be meant
     */
    public function __construct(
        public int $middleMs,
        public int $eightOfTenMs,
        public int $faces,
        public int $practised,
        public int $leftOut,
        public int $slips,
    ) {}

    public static function of(Pace $pace): self
    {
        return new self(
            middleMs: $pace->middle()->milliseconds,
            eightOfTenMs: $pace->eightOfTen()->milliseconds,
            faces: $pace->faces,
            practised: $pace->practised,
            leftOut: $pace->interrupted,
            slips: $pace->slips,
        );
    }

    /** Put together from the steps, of which no whole face was painted. */
    public static function ofSteps(Duration $middle, Duration $eightOfTen): self
    {
        return new self($middle->milliseconds, $eightOfTen->milliseconds, faces: 0, practised: 0, leftOut: 0, slips: 0);
    }
}
