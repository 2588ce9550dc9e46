<?php

declare(strict_types=1);

namespace Core\Plan\Report;

/** What is known of a face that was begun. Times in milliseconds. */
final readonly class FaceTimes
{
    /**
     * @param  int  $greeted  from sitting down to the first step: greeting and asking
     * @param  int  $painted  strokes alone
     * @param  int  $tools  changing tools, and waiting for something to dry
     * @param  int|null  $promised  null where nothing was promised
     * @param  array<string, int>  $after  what came after the last stroke, by TurnaroundPart, and 'rest'
     * @param  list<array{string, int}>  $over  names of steps, and how much longer than planned each took
     * @param  int|null  $cents  what was paid; null where nobody said
     */
    public function __construct(
        public string $design,
        public ?string $painter,
        public bool $isFinished,
        public int $greeted,
        public int $painted,
        public int $tools,
        public int $planned,
        public ?int $promised,
        public array $after,
        public array $over,
        public ?int $cents,
    ) {}

    public function face(): int
    {
        return $this->painted + $this->tools;
    }

    public function turnaround(): int
    {
        return $this->greeted + array_sum($this->after);
    }

    public function inChair(): int
    {
        return $this->face() + $this->turnaround();
    }
}
