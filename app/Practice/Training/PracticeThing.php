<?php

declare(strict_types=1);

namespace App\Practice\Training;

use Core\Pace\Drill;
use Core\Pace\Pace;
use Core\Units\Duration;

/** What can be practised: a drill, a step of a design, or the whole of one. */
final readonly class PracticeThing
{
    /**
     * @param  string|null  $stepId  null for the whole design, or a drill
     * @param  Duration  $win  over the booked days, by an evening of practice
     * @param  int|null  $lastMs  when it was last painted on the board
     * @param  Pace|null  $pace  null while nothing is known
     * @param  int|null  $readyAfter  repetitions until the design keeps its promise; 0 for now, null where it cannot be said
     */
    public function __construct(
        public string $name,
        public ?Drill $drill,
        public ?string $designId,
        public ?string $stepId,
        public Duration $win,
        public ?int $lastMs,
        public ?Pace $pace = null,
        public ?Duration $promise = null,
        public ?int $readyAfter = null,
    ) {}
}
