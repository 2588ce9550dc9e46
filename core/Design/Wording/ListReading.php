<?php

declare(strict_types=1);

namespace Core\Design\Wording;

use Core\Design\Pin;
use Core\Design\Place\Placement;
use Core\Design\Step;

/** A typed list as one text: its lines, its steps in the order they were typed, and what it wants of their order. */
final readonly class ListReading
{
    /**
     * @param  string  $title  empty where the list has none
     * @param  bool  $saysPlacement  whether the placement was said in the list, not assumed or given
     * @param  list<LineReading>  $lines  blank ones left out
     * @param  list<Pin>  $pins  of steps by their place, "1" being the first of those above the list
     */
    public function __construct(
        public string $title,
        public Placement $placement,
        public bool $saysPlacement,
        public array $lines,
        public array $pins,
    ) {}

    /** @return list<Step> named by their place, those above the list counted */
    public function steps(): array
    {
        return array_merge(...array_map(
            static fn (LineReading $line): array => array_map(static fn (StepReading $one): Step => $one->step, $line->steps),
            $this->lines,
        ));
    }

    public function asks(): bool
    {
        foreach ($this->lines as $line) {
            if ($line->question() !== null) {
                return true;
            }
        }

        return false;
    }
}
