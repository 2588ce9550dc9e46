<?php

declare(strict_types=1);

namespace Core\Order\Search\Internal;

use Core\Order\Search\Problem;

/**
 * The least time that the steps left can take when no paint has to dry or stay wet: Held and Karp's recursion over the sets
 * that precedence allows, from (done, tool in hand). Steps that share their changeovers are one class: with the triangle
 * inequality, whatever may follow at no changeover follows at once, so only changes of class branch. Where changeovers break
 * the inequality their shortest paths stand in for them, which can only make the bound smaller.
 *
 * Source: M. Held, R. M. Karp, "A dynamic programming approach to sequencing problems", J. SIAM 10 (1962).
 *
 * Keeps a table, so it is not readonly; it lives as long as one search.
 */
final class LagFreeBound
{
    /** States remembered before the bound becomes a simpler one. */
    private const MOST_STATES = 120_000;

    /** @var list<int> class of each step */
    public readonly array $classOf;

    /** @var array<int, int> bits of the steps of each class */
    private array $members = [];

    /** @var list<list<int>> between classes, by shortest paths */
    private array $change;

    /** @var array<int, array<int, int>> by class and by steps done */
    private array $table = [];

    private int $states = 0;

    /** @var array<int, int> the cheapest way into each class */
    private array $leastIn;

    public function __construct(private readonly Problem $problem)
    {
        $this->classOf = $this->classes();
        $this->change = $this->shortestPaths();
        $this->leastIn = $this->leastWaysIn();
    }

    /** Changeovers and painting still to come after the last step; painting alone where nothing is left to change. */
    public function after(int $done, ?int $last): int
    {
        $left = $this->problem->all() & ~$done;
        $painting = 0;
        foreach ($this->problem->durations as $step => $duration) {
            $painting += ($left >> $step & 1) === 1 ? $duration : 0;
        }

        return $painting + $this->changing($done, $last === null ? null : $this->classOf[$last]);
    }

    private function changing(int $done, ?int $class): int
    {
        if ($class !== null) {
            $done = $this->closed($done, $class);
        }
        if ($done === $this->problem->all()) {
            return 0;
        }

        $known = $this->table[$class ?? -1][$done] ?? null;
        if ($known !== null) {
            return $known;
        }

        return $this->states < self::MOST_STATES ? $this->computed($done, $class) : $this->simple($done, $class);
    }

    private function computed(int $done, ?int $class): int
    {
        $this->states++;
        $best = PHP_INT_MAX;
        foreach ($this->classesThatMayFollow($done) as $next => $step) {
            $cost = $class === null ? 0 : $this->change[$class][$next];
            // The first step of a class is taken; more of its class follow by closure.
            $best = min($best, $cost + $this->changing($done | 1 << $step, $next));
        }

        return $this->table[$class ?? -1][$done] = $best === PHP_INT_MAX ? 0 : $best;
    }

    /** Every class that is left must be entered at least once. */
    private function simple(int $done, ?int $class): int
    {
        $sum = 0;
        $dearest = 0;
        foreach ($this->members as $other => $bits) {
            if (($bits & ~$done) !== 0 && $other !== $class) {
                $sum += $this->leastIn[$other];
                $dearest = max($dearest, $this->leastIn[$other]);
            }
        }

        return $class === null ? $sum - $dearest : $sum;
    }

    /** @return array<int, int> for each class with a free step, one such step */
    private function classesThatMayFollow(int $done): array
    {
        $classes = [];
        foreach ($this->problem->before as $step => $before) {
            if (($done >> $step & 1) === 0 && ($before & ~$done) === 0) {
                $classes[$this->classOf[$step]] ??= $step;
            }
        }

        return $classes;
    }

    /** All of the class in hand that may be done, and what that sets free of it. */
    private function closed(int $done, int $class): int
    {
        do {
            $more = false;
            for ($left = $this->members[$class] & ~$done; $left !== 0; $left &= $left - 1) {
                $step = self::lowest($left);
                if (($this->problem->before[$step] & ~$done) === 0) {
                    $done |= 1 << $step;
                    $more = true;
                }
            }
        } while ($more);

        return $done;
    }

    /** @return list<int> */
    private function classes(): array
    {
        $classOf = [];
        $first = [];
        for ($step = 0; $step < $this->problem->count(); $step++) {
            $class = count($first);
            foreach ($first as $known => $other) {
                if ($this->areAlike($step, $other)) {
                    $class = $known;
                    break;
                }
            }
            $first[$class] ??= $step;
            $this->members[$class] = ($this->members[$class] ?? 0) | 1 << $step;
            $classOf[] = $class;
        }

        return $classOf;
    }

    private function areAlike(int $one, int $other): bool
    {
        $changeovers = $this->problem->changeovers;
        if ($changeovers[$one][$other] !== 0 || $changeovers[$other][$one] !== 0) {
            return false;
        }
        for ($third = 0; $third < $this->problem->count(); $third++) {
            $isSame = $changeovers[$one][$third] === $changeovers[$other][$third] && $changeovers[$third][$one] === $changeovers[$third][$other];
            if (! $isSame && $third !== $one && $third !== $other) {
                return false;
            }
        }

        return true;
    }

    /** @return list<list<int>> Floyd and Warshall's */
    private function shortestPaths(): array
    {
        $representative = array_flip(array_reverse($this->classOf, true));
        $count = count($this->members);
        $change = [];
        for ($from = 0; $from < $count; $from++) {
            for ($to = 0; $to < $count; $to++) {
                $change[$from][$to] = $from === $to ? 0 : $this->problem->changeovers[$representative[$from]][$representative[$to]];
            }
        }
        for ($by = 0; $by < $count; $by++) {
            for ($from = 0; $from < $count; $from++) {
                for ($to = 0; $to < $count; $to++) {
                    $change[$from][$to] = min($change[$from][$to], $change[$from][$by] + $change[$by][$to]);
                }
            }
        }

        return array_map(array_values(...), array_values($change));
    }

    /** @return array<int, int> */
    private function leastWaysIn(): array
    {
        $least = [];
        foreach (array_keys($this->members) as $class) {
            $ways = array_diff_key(array_column($this->change, $class), [$class => true]);
            $least[$class] = $ways === [] ? 0 : min($ways);
        }

        return $least;
    }

    /** Place of the lowest bit that is set. */
    public static function lowest(int $bits): int
    {
        return (int) log($bits & -$bits, 2);
    }
}
