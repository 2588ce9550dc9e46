<?php

declare(strict_types=1);

namespace Core\Order\Search\Internal;

use Closure;
use Core\Order\Search\Problem;

/**
 * The least time that changing tools can still take when no paint has to dry or stay wet: Held and Karp's recursion over the
 * sets that precedence allows, from (done, tool in hand). Steps after which every change takes the same, with none between them,
 * are one class, which is entered where that is cheapest: with the triangle inequality, whatever may follow at no changeover
 * follows at once, so only changes of class branch. Where changeovers break the inequality their shortest paths stand in for
 * them, which can only make the bound smaller.
 *
 * Source: M. Held, R. M. Karp, "A dynamic programming approach to sequencing problems", J. SIAM 10 (1962).
 *
 * Keeps a table, so it is not readonly; it lives as long as one search.
 */
final class LagFreeBound
{
    private const ASK_EVERY = 2048;

    /** More than any way takes; sums of it over all classes can still be told. */
    private const FAR = PHP_INT_MAX >> 8;

    /** @var list<int> class of each step */
    public readonly array $classOf;

    /** @var array<int, non-empty-list<int>> by class */
    private array $steps = [];

    /** @var array<int, int> bits of the steps of each class */
    private array $bits;

    /** @var list<list<int>> between classes, by shortest paths */
    private array $change;

    /** @var list<array<int, int>> the same, the cheapest first */
    private array $nearest;

    /** @var array<int, int> the cheapest way into each class */
    private array $leastIn;

    /** @var array<int, array<int, int>> by class and by steps done */
    private array $table = [];

    /** @var array<int, array<int, int>> the same, where only a bound is known */
    private array $notBelow = [];

    private int $states = 0;

    /**
     * @param  bool  $isTight  false for a simpler bound, with no table
     * @param  Closure(int): bool  $goesOn  asked now and then with the states looked at; false for the simpler one from then on
     */
    public function __construct(private readonly Problem $problem, private bool $isTight, private readonly Closure $goesOn)
    {
        $this->classOf = $this->classes();
        $this->bits = array_map(
            static fn (array $steps): int => array_reduce($steps, static fn (int $bits, int $step): int => $bits | 1 << $step, 0),
            $this->steps,
        );
        $this->change = $this->shortestPaths();
        $this->leastIn = $this->leastWaysIn();
        $this->nearest = array_map(static function (array $change): array {
            asort($change);

            return $change;
        }, $this->change);
    }

    /**
     * @param  int  $done  bits of the steps that are done, the last of them with the tool that is in the hand
     * @param  int  $limit  what is not below it need not be told exactly, only that it is not below
     */
    public function after(int $done, int $last, int $limit = PHP_INT_MAX): int
    {
        return $this->changing($done, $this->classOf[$last], $limit);
    }

    /**
     * Before anything is done.
     *
     * @param  int  $limit  see above
     */
    public function atStart(int $limit = PHP_INT_MAX): int
    {
        $best = PHP_INT_MAX;
        foreach ($this->classesThatMayFollow(0) as $class => $step) {
            $best = min($best, $this->changing(1 << $step, $class, min($limit, $best)));
        }

        return $best === PHP_INT_MAX ? 0 : $best;
    }

    private function changing(int $done, int $class, int $limit): int
    {
        $done = $this->closed($done, $class);
        $known = $this->table[$class][$done] ?? $this->notBelow[$class][$done] ?? -1;
        if ($known >= $limit || isset($this->table[$class][$done])) {
            return $known;
        }

        return $this->isTight ? $this->computed($done, $class, $limit) : max($known, $this->simple($done, $class));
    }

    /** Branch and bound: what cannot be below the limit, or the best so far, is not looked into. */
    private function computed(int $done, int $class, int $limit): int
    {
        if (++$this->states % self::ASK_EVERY === 0) {
            $this->isTight = ($this->goesOn)($this->states);
        }
        $best = PHP_INT_MAX;
        $left = $this->simple($done, -1);
        foreach ($this->nearest[$class] as $next => $cost) {
            // The first step of a class is taken; more of its class follow by closure.
            $step = $this->firstFree($next, $done);
            if ($step !== null) {
                $least = $cost + $left - $this->leastIn[$next];
                $best = min(
                    $best,
                    $least >= min($best, $limit) ? $least : $cost + $this->changing($done | 1 << $step, $next, min($best, $limit) - $cost),
                );
            }
        }
        $best = $best === PHP_INT_MAX ? 0 : $best;
        if ($best < $limit && $this->isTight) {
            return $this->table[$class][$done] = $best;
        }

        return $this->notBelow[$class][$done] = $best;
    }

    /** Every class that is left must be entered at least once. */
    private function simple(int $done, int $class): int
    {
        $sum = 0;
        foreach ($this->bits as $other => $bits) {
            if (($bits & ~$done) !== 0 && $other !== $class) {
                $sum += $this->leastIn[$other];
            }
        }

        return $sum;
    }

    /** @return array<int, int> for each class with a free step, one such step */
    private function classesThatMayFollow(int $done): array
    {
        $classes = [];
        foreach (array_keys($this->steps) as $class) {
            $step = $this->firstFree($class, $done);
            if ($step !== null) {
                $classes[$class] = $step;
            }
        }

        return $classes;
    }

    private function firstFree(int $class, int $done): ?int
    {
        if (($this->bits[$class] & ~$done) === 0) {
            return null;
        }
        foreach ($this->steps[$class] as $step) {
            if (($done >> $step & 1) === 0 && ($this->problem->before[$step] & ~$done) === 0) {
                return $step;
            }
        }

        return null;
    }

    /** All of the class in hand that may be done, and what that sets free of it. */
    private function closed(int $done, int $class): int
    {
        $before = $this->problem->before;
        do {
            $was = $done;
            foreach ($this->steps[$class] as $step) {
                if (($before[$step] & ~$done) === 0) {
                    $done |= 1 << $step;
                }
            }
        } while ($done !== $was);

        return $done;
    }

    /** @return list<int> */
    private function classes(): array
    {
        $classOf = [];
        for ($step = 0; $step < $this->problem->count(); $step++) {
            $class = count($this->steps);
            foreach ($this->steps as $known => $others) {
                if ($this->areAlike($step, $others[0]) && ! $this->areApart($step, $others)) {
                    $class = $known;
                    break;
                }
            }
            $this->steps[$class][] = $step;
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
            if ($changeovers[$one][$third] !== $changeovers[$other][$third] && $third !== $one && $third !== $other) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whether another tool must be taken up between a step and one of the others, so that it cannot be one visit to their class.
     *
     * @param  list<int>  $others
     */
    private function areApart(int $step, array $others): bool
    {
        foreach ($others as $other) {
            $between = $this->problem->between($step, $other) | $this->problem->between($other, $step);
            for ($third = 0; $between !== 0; $between >>= 1, $third++) {
                if (($between & 1) === 1 && ! $this->areAlike($step, $third)) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * The cheapest change from a step of the one class to a step of the other that may be next.
     *
     * @param  list<int>  $ones
     * @param  list<int>  $others
     */
    private function cheapest(array $ones, array $others): int
    {
        $least = self::FAR;
        foreach ($ones as $one) {
            foreach ($others as $other) {
                if ($this->problem->changeovers[$one][$other] < $least && $this->problem->mayBeNext($one, $other)) {
                    $least = $this->problem->changeovers[$one][$other];
                }
            }
        }

        return $least;
    }

    /** @return list<list<int>> by Floyd and Warshall */
    private function shortestPaths(): array
    {
        $change = [];
        foreach ($this->steps as $from => $ones) {
            foreach ($this->steps as $to => $others) {
                $change[$from][$to] = $from === $to ? 0 : $this->cheapest($ones, $others);
            }
        }
        foreach (array_keys($change) as $by) {
            foreach (array_keys($change) as $from) {
                foreach (array_keys($change) as $to) {
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
        foreach (array_keys($this->steps) as $class) {
            $ways = array_diff_key(array_column($this->change, $class), [$class => true]);
            $least[$class] = $ways === [] ? 0 : min($ways);
        }

        return $least;
    }
}
