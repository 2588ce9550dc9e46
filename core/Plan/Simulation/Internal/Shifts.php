<?php

declare(strict_types=1);

namespace Core\Plan\Simulation\Internal;

use Core\Plan\Simulation\Artist;

/** When each artist is at the chair. A break begins after the face in hand, and is as long as it was meant to be. */
final class Shifts
{
    /** Later than any day ends. */
    public const NEVER = PHP_INT_MAX >> 1;

    /** @var array<int, int> by artist: the shift they are in */
    private array $current = [];

    /** @var array<int, int> by artist: when something changes */
    private array $until = [];

    private readonly int $open;

    private readonly bool $paintsOut;

    /** @param  list<Artist>  $artists */
    public function __construct(private readonly array $artists, Compiled $plan)
    {
        $this->open = $plan->open;
        $this->paintsOut = $plan->scenario->rules->paintsOut;
    }

    /** @return list<int> when each is free for the first child */
    public function begin(): array
    {
        $this->current = array_fill(0, count($this->artists), 0);
        $free = [];
        foreach ($this->artists as $at => $artist) {
            $free[] = $artist->shifts[0][0];
            $this->until[$at] = $artist->shifts[0][1];
        }

        return $free;
    }

    /** When an artist takes the next child who is done with the last one by then. */
    public function freeAt(int $artist, int $done): int
    {
        return $done < $this->until[$artist] ? $done : $this->afterBreak($artist, $done);
    }

    private function afterBreak(int $artist, int $done): int
    {
        $shifts = $this->artists[$artist]->shifts;
        $at = $this->current[$artist];
        while (isset($shifts[$at + 1]) && $done >= $shifts[$at][1]) {
            $done += $shifts[$at + 1][0] - $shifts[$at][1];
            $at++;
        }
        $this->current[$artist] = $at;
        $this->until[$artist] = $shifts[$at][1];
        if ($done < $shifts[$at][1]) {
            return $done;
        }

        return $this->paintsOut && $shifts[$at][1] >= $this->open ? $done : self::NEVER;
    }
}
