<?php

declare(strict_types=1);

namespace Core\Plan\Simulation\Internal;

/**
 * One line for all chairs: whoever is first in line goes to the artist who is free first. A loop over tables in whole milliseconds,
 * as a day has hundreds of children and an answer ten thousand days.
 */
final readonly class OneLine implements Plays
{
    public function __construct(private Compiled $plan, private Chairs $chairs, private Counts $counts) {}

    public function play(int $run): void
    {
        $free = $this->chairs->begin($run);
        $this->counts->begin();
        $left = $this->line($free, $this->chairs->children);
        $this->counts->end($this->chairs, $free, $left);
    }

    /**
     * @param  array<int, int>  $free  when each artist is free, which is kept up
     * @return list<int> children for whom nobody was left
     */
    private function line(array &$free, Children $children): array
    {
        $arrivals = $children->arrivals;
        $coming = count($arrivals);
        $mayLeave = $this->plan->patience !== null;
        [$artist, $from] = self::firstFree($free);
        $line = [];
        $mark = $next = $head = $tail = 0;
        while ($from < Shifts::NEVER && ($head < $tail || $next < $coming)) {
            // Whoever comes at the moment at which a child sits down stands there already.
            if ($head === $tail || ($next < $coming && ($arrivals[$next] < $from || $arrivals[$next] === $arrivals[$line[$head]]))) {
                $now = $arrivals[$next];
                if ($now >= $mark) {
                    $mark = $this->counts->pass($now, $children->waiting($line, $head, $now));
                }
                if ($tail - $head >= $this->plan->longest && $this->isTooLong($children->waiting($line, $head, $now), $free, $now)) {
                    $this->counts->balks($next++, $now);
                } else {
                    $line[$tail++] = $next++;
                }

                continue;
            }
            if ($from >= $mark) {
                $mark = $this->counts->pass($from, $children->waiting($line, $head, $from));
            }
            $child = $line[$head++];
            if ($mayLeave && $children->haveLeft($child, $from)) {
                $this->counts->leaves($child, $arrivals[$child]);

                continue;
            }
            $waiting = $mayLeave ? $children->waiting($line, $head, $from) : $tail - $head;
            $free[$artist] = $this->chairs->paint($artist, $child, $from, $waiting);
            [$artist, $from] = self::firstFree($free);
        }

        return [...array_slice($line, $head), ...($next < $coming ? range($next, $coming - 1) : [])];
    }

    /**
     * @param  array<int, int>  $free
     * @return array{int, int} artist, and from when on
     */
    private static function firstFree(array $free): array
    {
        $artist = 0;
        $from = Shifts::NEVER;
        foreach ($free as $at => $one) {
            if ($one < $from) {
                $artist = $at;
                $from = $one;
            }
        }

        return [$artist, $from];
    }

    /** @param  array<int, int>  $free */
    private function isTooLong(int $waiting, array $free, int $now): bool
    {
        $called = count(array_filter($free, static fn (int $from): bool => $from <= $now));

        return $waiting >= $this->plan->longest + $called;
    }
}
