<?php

declare(strict_types=1);

namespace Core\Pace;

/** One time that something was painted. */
final readonly class Run
{
    /**
     * @param  int  $nth  which repetition of the painter's it was, the first being 1
     * @param  bool  $isPractice  on the board, not on a face
     * @param  bool  $isInterrupted  paused, wiped off, left: kept, but it says nothing of the pace
     */
    public function __construct(
        public int $milliseconds,
        public int $nth,
        public bool $isPractice = false,
        public bool $isInterrupted = false,
    ) {}

    public function log(): float
    {
        return log(max(1, $this->milliseconds));
    }
}
