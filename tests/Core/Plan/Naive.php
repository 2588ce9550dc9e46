<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

/**
 * A day of one line played the slow way, second by second of what may happen next, from the same children and the same times. It knows
 * nothing of how core does it: it looks at everybody again before every deed.
 *
 * @phpstan-type Child array{at: int, stays: int, usual: int, quick: int, turnaround: int}
 */
final class Naive
{
    /** @var list<array{child: int, seated: int, painted: int, artist: int}> */
    public array $faces = [];

    /** @var list<int> who saw the line and went on */
    public array $balked = [];

    /** @var list<int> who stood in the line and left */
    public array $left = [];

    /** @var list<int> for whom nobody was there any more */
    public array $unpainted = [];

    /** @var list<int> children in the line, first in line first */
    private array $line = [];

    /**
     * @param  list<Child>  $children  in the order in which they come; times in milliseconds
     * @param  list<list<array{int, int}>>  $shifts  by artist
     */
    public function __construct(
        private readonly array $children,
        private readonly array $shifts,
        private readonly int $open,
        private readonly ?int $longest = null,
        private readonly ?int $quickAbove = null,
        private readonly bool $paintsOut = true,
    ) {}

    public function play(): self
    {
        /** @var list<int|null> $free null for who has gone home */
        $free = array_map(static fn (array $shifts): int => $shifts[0][0], $this->shifts);
        $current = array_fill(0, count($this->shifts), 0);
        $next = 0;
        while (true) {
            $artist = $this->first($free);
            if ($artist === null) {
                $this->unpainted = [...$this->line, ...array_slice(array_keys($this->children), $next)];

                return $this;
            }
            $comes = $this->children[$next]['at'] ?? null;
            $callable = $this->line === [] ? null : max((int) $free[$artist], $this->children[$this->line[0]]['at']);
            // At one and the same moment children come before one is called.
            if ($comes !== null && ($callable === null || $comes <= $callable)) {
                $this->arrive($next++, $free);

                continue;
            }
            if ($callable === null) {
                return $this;
            }
            $child = array_shift($this->line);
            if ($callable - $this->children[$child]['at'] > $this->children[$child]['stays']) {
                $this->left[] = $child;

                continue;
            }
            [$free[$artist], $current[$artist]] = $this->paint($child, $artist, $callable, $current[$artist]);
        }
    }

    /** @param  list<int|null>  $free */
    private function first(array $free): ?int
    {
        $there = array_filter($free, static fn (?int $at): bool => $at !== null);
        if ($there === []) {
            return null;
        }
        asort($there);

        return array_key_first(array_filter($there, static fn (int $at): bool => $at === min($there)));
    }

    /** @param  list<int|null>  $free */
    private function arrive(int $child, array $free): void
    {
        $now = $this->children[$child]['at'];
        $called = count(array_filter($free, static fn (?int $at): bool => $at !== null && $at <= $now));
        if ($this->longest !== null && $this->waiting($now) >= $this->longest * count($free) + $called) {
            $this->balked[] = $child;
        } else {
            $this->line[] = $child;
        }
    }

    private function waiting(int $now): int
    {
        return count(array_filter(
            $this->line,
            fn (int $child): bool => $now - $this->children[$child]['at'] <= $this->children[$child]['stays'],
        ));
    }

    /** @return array{int|null, int} when the artist is free again, and in which shift */
    private function paint(int $child, int $artist, int $seated, int $shift): array
    {
        $isQuick = $this->quickAbove !== null && $this->waiting($seated) > $this->quickAbove;
        $painted = $seated + $this->children[$child][$isQuick ? 'quick' : 'usual'];
        $this->faces[] = ['child' => $child, 'seated' => $seated, 'painted' => $painted, 'artist' => $artist];
        $free = $painted + $this->children[$child]['turnaround'];
        while (isset($this->shifts[$artist][$shift + 1]) && $free >= $this->shifts[$artist][$shift][1]) {
            // The break is as long as it was meant to be.
            $free += $this->shifts[$artist][$shift + 1][0] - $this->shifts[$artist][$shift][1];
            $shift++;
        }
        $end = $this->shifts[$artist][$shift][1];
        $goesHome = $free >= $end && ! ($this->paintsOut && $end >= $this->open);

        return [$goesHome ? null : $free, $shift];
    }
}
