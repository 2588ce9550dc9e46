<?php

declare(strict_types=1);

namespace Core\Plan\Simulation\Internal;

/** The children of one run, in the order in which they come. */
final readonly class Children
{
    /**
     * @param  list<int>  $arrivals  when each comes
     * @param  list<int>  $chances  what chance each brought along
     * @param  list<int>|null  $patience  how long a child stays, by cell; null where they all stay
     */
    public function __construct(public array $arrivals, public array $chances, private ?array $patience) {}

    public function haveLeft(int $child, int $now): bool
    {
        return $this->patience !== null
            && $now - $this->arrivals[$child] > $this->patience[($this->chances[$child] >> 40) & Draws::CELL];
    }

    /**
     * How many of a line still stand there.
     *
     * @param  array<int, int>  $line
     */
    public function waiting(array $line, int $head, int $now): int
    {
        $waiting = count($line) - $head;
        for ($at = count($line) - 1; $this->patience !== null && $at >= $head; $at--) {
            $waiting -= $this->haveLeft($line[$at], $now) ? 1 : 0;
        }

        return $waiting;
    }
}
