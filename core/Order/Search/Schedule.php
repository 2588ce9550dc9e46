<?php

declare(strict_types=1);

namespace Core\Order\Search;

/** Steps in a given order, each at the earliest time that all lags allow: the least solution of their difference constraints. */
final readonly class Schedule
{
    /**
     * @param  list<int>  $order
     * @param  list<int>  $starts  by place in the order
     */
    private function __construct(public array $order, public array $starts, public int $makespan) {}

    /**
     * A longest wait is kept by holding its source back, which may push others; Bellman and Ford's bound on the rounds tells
     * when nothing can keep it.
     *
     * @param  list<int>  $order  every step once
     * @return self|null null when the order breaks a precedence or a longest wait, or tears a group apart
     */
    public static function earliest(Problem $problem, array $order): ?self
    {
        $place = array_flip($order);
        foreach ($problem->lags as $lag) {
            if ($place[$lag->from] > $place[$lag->to]) {
                return null;
            }
        }
        if (! self::keepsGroups($problem, $place)) {
            return null;
        }
        $held = array_fill(0, count($order), 0);
        // A longest path goes back over each longest wait once at most.
        for ($round = 0, $rounds = count(array_merge(...$problem->closing)); $round <= $rounds; $round++) {
            $starts = self::forward($problem, $order, $place, $held);
            if (! self::holdBack($problem, $place, $starts, $held)) {
                $last = count($order) - 1;

                return new self($order, $starts, $last < 0 ? 0 : $starts[$last] + $problem->durations[$order[$last]]);
            }
        }

        return null;
    }

    /** Time stood still in front of the step at that place. */
    public function idleBefore(Problem $problem, int $place): int
    {
        $step = $this->order[$place];
        $last = $this->order[$place - 1] ?? null;
        $handsFree = $last === null
            ? 0
            : ($this->starts[$place - 1] ?? 0) + $problem->durations[$last] + $problem->changeovers[$last][$step];

        return $this->starts[$place] - $handsFree;
    }

    /**
     * @param  list<int>  $order
     * @param  array<int, int>  $place
     * @param  array<int, int>  $held
     * @return list<int>
     */
    private static function forward(Problem $problem, array $order, array $place, array $held): array
    {
        $starts = [];
        foreach ($order as $at => $step) {
            $start = $at === 0
                ? 0
                : $starts[$at - 1] + $problem->durations[$order[$at - 1]] + $problem->changeovers[$order[$at - 1]][$step];
            $start = max($start, $held[$at]);
            foreach ($problem->into[$step] as $lag) {
                $start = max($start, $starts[$place[$lag->from]] + $problem->durations[$lag->from] + $lag->least);
            }
            $starts[] = $start;
        }

        return $starts;
    }

    /**
     * @param  array<int, int>  $place
     * @param  list<int>  $starts
     * @param  array<int, int>  $held  raised where a source must start later
     * @return bool whether any was raised
     */
    private static function holdBack(Problem $problem, array $place, array $starts, array &$held): bool
    {
        $raised = false;
        foreach ($problem->closing as $lags) {
            foreach ($lags as $lag) {
                $source = $place[$lag->from];
                $soonest = $starts[$place[$lag->to]] - (int) $lag->most - $problem->durations[$lag->from];
                if ($soonest > $starts[$source]) {
                    $held[$source] = max($held[$source], $soonest);
                    $raised = true;
                }
            }
        }

        return $raised;
    }

    /** @param  array<int, int>  $place */
    private static function keepsGroups(Problem $problem, array $place): bool
    {
        foreach ($problem->together as $members) {
            $places = array_map(static fn (int $step): int => $place[$step], $members);
            if ($places !== [] && max($places) - min($places) !== count($places) - 1) {
                return false;
            }
        }

        return true;
    }
}
