<?php

declare(strict_types=1);

namespace Core\Order\Search\Internal;

use Core\Order\Search\Lag;
use Core\Order\Search\Outcome;
use Core\Order\Search\Problem;
use Core\Order\Search\Schedule;
use Core\Order\Search\Watch;

/**
 * Looks for any order that keeps all lags, where longest waits bind: an order that keeps all precedences, mended wait by wait.
 * Of the moves that shorten the worst broken wait it takes the one that leaves least broken, and does not go back to an order it
 * has seen. Insertion moves on the order of a list schedule: see P. Brucker, "Scheduling Algorithms", on generalized precedence.
 *
 * Keeps what it has seen, so it is not readonly; it lives as long as one search.
 */
final class Repair
{
    /** Orders looked at before it gives up. */
    private const MOST_ORDERS = 6_000;

    private const ASK_EVERY = 16;

    /** @var array<string, true> */
    private array $seen = [];

    /** @var list<list<int>> for each step, those that come before it by a lag */
    private array $before;

    /** @var list<Lag> */
    private array $closing;

    public function __construct(private readonly Problem $problem)
    {
        $this->before = array_map(
            static fn (array $lags): array => array_map(static fn (Lag $lag): int => $lag->from, $lags),
            $problem->into,
        );
        $this->closing = array_merge(...$problem->closing);
    }

    /** @return Schedule|null null where none was found, which proves nothing */
    public function run(Watch $watch): ?Schedule
    {
        $order = $this->followed();
        for ($tried = 0; $order !== null && $tried < self::MOST_ORDERS; $tried++) {
            $schedule = Schedule::earliest($this->problem, $order);
            if ($schedule !== null) {
                return $schedule;
            }
            if ($tried % self::ASK_EVERY === 0 && ! $watch->goesOn(new Outcome(null, 0, false, $tried))) {
                return null;
            }
            $order = $this->mended($order);
        }

        return null;
    }

    /**
     * Each step as soon as it may come, but what a longest wait leads to right after where it comes from, and its other
     * forerunners before that.
     *
     * @return list<int>|null null when the precedences close a circle
     */
    private function followed(): ?array
    {
        $order = [];
        $left = range(0, $this->problem->count() - 1);
        $done = array_fill(0, $this->problem->count(), false);
        while ($left !== []) {
            $free = array_values(array_filter(
                $left,
                fn (int $step): bool => array_filter($this->before[$step], static fn (int $one): bool => ! $done[$one]) === [],
            ));
            if ($free === []) {
                return null;
            }
            usort($free, fn (int $one, int $other): int => [$this->urgency($one, $done), $one] <=> [$this->urgency($other, $done), $other]);
            $order[] = $free[0];
            $done[$free[0]] = true;
            $left = array_values(array_diff($left, [$free[0]]));
        }

        return $order;
    }

    /**
     * What an open wait leads to first, then what opens none, then what opens one whose target has the fewest other forerunners left.
     *
     * @param  array<int, bool>  $done
     */
    private function urgency(int $step, array $done): int
    {
        foreach ($this->problem->into[$step] as $lag) {
            if ($lag->most !== null) {
                return -1;
            }
        }
        $others = 0;
        foreach ($this->problem->closing[$step] as $lag) {
            $others += 1 + count(array_filter($this->before[$lag->to], static fn (int $one): bool => $one !== $step && ! $done[$one]));
        }

        return $others;
    }

    /**
     * @param  list<int>  $order
     * @return list<int>|null null when no move leads to an order not seen yet
     */
    private function mended(array $order): ?array
    {
        $this->seen[implode(' ', $order)] = true;
        $broken = $this->broken($order);
        arsort($broken);
        $best = null;
        $least = PHP_INT_MAX;
        foreach (array_keys($broken) as $wait) {
            foreach ($this->moves($order, $this->closing[$wait]) as $moved) {
                $left = isset($this->seen[implode(' ', $moved)]) ? PHP_INT_MAX : array_sum($this->broken($moved));
                if ($left < $least) {
                    [$least, $best] = [$left, $moved];
                }
            }
            if ($best !== null) {
                return $best;
            }
        }

        return $best;
    }

    /**
     * By how much each longest wait is too long where nothing is held back.
     *
     * @param  list<int>  $order
     * @return array<int, int> milliseconds
     */
    private function broken(array $order): array
    {
        $ends = [];
        $now = 0;
        $last = null;
        $starts = [];
        foreach ($order as $step) {
            $start = $last === null ? 0 : $now + $this->problem->changeovers[$last][$step];
            foreach ($this->problem->into[$step] as $lag) {
                $start = max($start, $ends[$lag->from] + $lag->least);
            }
            $starts[$step] = $start;
            $ends[$step] = $now = $start + $this->problem->durations[$step];
            $last = $step;
        }
        $broken = [];
        foreach ($this->closing as $at => $lag) {
            $over = (int) ($starts[$lag->to] - $ends[$lag->from]) - (int) $lag->most;
            if ($over > 0) {
                $broken[$at] = $over;
            }
        }

        return $broken;
    }

    /**
     * The source later, the target sooner, or one of those between them out of the way.
     *
     * @param  list<int>  $order
     * @return iterable<list<int>> that keep all precedences and groups
     */
    private function moves(array $order, Lag $wait): iterable
    {
        $place = array_flip($order);
        [$from, $to] = [$place[$wait->from], $place[$wait->to]];
        for ($at = $from; $at <= $to; $at++) {
            foreach ([$from, $to] as $where) {
                $moved = $order;
                array_splice($moved, $at, 1);
                foreach ([$where - 1, $where, $where + 1] as $into) {
                    if ($into < 0 || $into === $at || $into > count($moved)) {
                        continue;
                    }
                    $one = $moved;
                    array_splice($one, $into, 0, [$order[$at]]);
                    if ($this->isKept($one)) {
                        yield $one;
                    }
                }
            }
        }
    }

    /** @param  list<int>  $order */
    private function isKept(array $order): bool
    {
        $place = array_flip($order);
        foreach ($this->problem->lags as $lag) {
            if ($place[$lag->from] > $place[$lag->to]) {
                return false;
            }
        }

        return true;
    }
}
