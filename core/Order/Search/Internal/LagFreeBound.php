<?php

declare(strict_types=1);

namespace Core\Order\Search\Internal;

use Closure;
use Core\Order\Search\Problem;

/**
 * The least time that changing tools can still take when no paint has to dry or stay wet: Held and Karp's recursion over the
 * sets that precedence allows, from (done, tool in hand). Steps that share their changeovers are one class: with the triangle
 * inequality, whatever may follow at no changeover follows at once, so only changes of class branch. Where changeovers break
 * the inequality their shortest paths stand in for them, which can only make the bound smaller.
 *
 * Source: M. Held, R. M. Karp, "A dynamic programming approach to sequencing problems", J. SIAM 10 (1962).
 *
 * Keeps a table, so it is not readonly; it lives as long as one search.
 */
final class LagFreeBound
{
    private const ASK_EVERY = 2048;

    /** @var list<int> class of each step */
    public readonly array $classOf;

    /** @var array<int, non-empty-list<int>> by class */
    private array $steps = [];

    /** @var list<list<int>> between classes, by shortest paths */
    private array $change;

    /** @var array<int, int> the cheapest way into each class */
    private array $leastIn;

    /** @var array<int, array<int, int>> by class and by steps done */
    private array $table = [];

    private int $states = 0;

    /**
     * @param  int  $mostStates  remembered before the bound becomes a simpler one; 0 for the simpler one at once
     * @param  Closure(): bool  $goesOn  asked now and then; false for the simpler one from then on
     */
    public function __construct(private readonly Problem $problem, private int $mostStates, private readonly Closure $goesOn)
    {
        $this->classOf = $this->classes();
        $this->change = $this->shortestPaths();
        $this->leastIn = $this->leastWaysIn();
    }

    /** @param  int  $done  bits of the steps that are done, the last of them with the tool that is in the hand */
    public function after(int $done, int $last): int
    {
        return $this->changing($done, $this->classOf[$last]);
    }

    /** Before anything is done. */
    public function atStart(): int
    {
        $best = PHP_INT_MAX;
        foreach ($this->classesThatMayFollow(0) as $class => $step) {
            $best = min($best, $this->changing(1 << $step, $class));
        }

        return $best === PHP_INT_MAX ? 0 : $best;
    }

    private function changing(int $done, int $class): int
    {
        $done = $this->closed($done, $class);
        $known = $this->table[$class][$done] ?? null;
        if ($known !== null) {
            return $known;
        }

        return $this->states < $this->mostStates ? $this->computed($done, $class) : $this->simple($done, $class);
    }

    private function computed(int $done, int $class): int
    {
        if (++$this->states % self::ASK_EVERY === 0 && ! ($this->goesOn)()) {
            $this->mostStates = 0;
        }
        $best = PHP_INT_MAX;
        foreach ($this->classesThatMayFollow($done) as $next => $step) {
            // The first step of a class is taken; more of its class follow by closure.
            $best = min($best, $this->change[$class][$next] + $this->changing($done | 1 << $step, $next));
        }

        return $this->table[$class][$done] = $best === PHP_INT_MAX ? 0 : $best;
    }

    /** Every class that is left must be entered at least once. */
    private function simple(int $done, int $class): int
    {
        $sum = 0;
        foreach ($this->steps as $other => $steps) {
            foreach ($other === $class ? [] : $steps as $step) {
                if (($done >> $step & 1) === 0) {
                    $sum += $this->leastIn[$other];
                    break;
                }
            }
        }

        return $sum;
    }

    /** @return array<int, int> for each class with a free step, one such step */
    private function classesThatMayFollow(int $done): array
    {
        $classes = [];
        $before = $this->problem->before;
        foreach ($this->steps as $class => $steps) {
            foreach ($steps as $step) {
                if (($done >> $step & 1) === 0 && ($before[$step] & ~$done) === 0) {
                    $classes[$class] = $step;
                    break;
                }
            }
        }

        return $classes;
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
                if ($this->areAlike($step, $others[0])) {
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
            $isSame = $changeovers[$one][$third] === $changeovers[$other][$third] && $changeovers[$third][$one] === $changeovers[$third][$other];
            if (! $isSame && $third !== $one && $third !== $other) {
                return false;
            }
        }

        return true;
    }

    /** @return list<list<int>> by Floyd and Warshall */
    private function shortestPaths(): array
    {
        $change = [];
        foreach ($this->steps as $from => $ones) {
            foreach ($this->steps as $to => $others) {
                $change[$from][$to] = $from === $to ? 0 : $this->problem->changeovers[$ones[0]][$others[0]];
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
