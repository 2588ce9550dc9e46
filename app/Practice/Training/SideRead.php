<?php

declare(strict_types=1);

namespace App\Practice\Training;

use Core\Design\Side;
use Core\Pace\Pace;
use Core\Pace\Run;
use Core\Units\Duration;

/** How the practice of one side goes. */
final readonly class SideRead
{
    /**
     * @param  Side|null  $side  null for as it is typed
     * @param  list<Run>  $runs  the newest, the oldest of them first
     * @param  int|null  $readyAfter  repetitions until eight of ten are within the target
     */
    public function __construct(
        public ?Side $side,
        public array $runs,
        public Pace $pace,
        public Duration $planned,
        public ?int $readyAfter,
    ) {}
}
