<?php

declare(strict_types=1);

namespace Tests\Core\Order\Search;

use Core\Order\Search\Lag;
use Core\Order\Search\Problem;
use Random\Randomizer;

/** Problems by chance, and the plainest way to solve them. */
final readonly class RandomProblem
{
    /**
     * @param  float  $linked  share of pairs with a precedence
     * @param  float  $lagged  share of those with a least wait
     * @param  float  $closing  share of those with a longest wait
     * @param  bool  $classes  changeovers by tool, as a kit gives them; else any numbers, triangle inequality or not
     */
    public static function of(
        Randomizer $chance,
        int $steps,
        float $linked,
        float $lagged,
        float $closing,
        bool $classes,
        bool $grouped = false,
    ): Problem {
        $lags = [];
        $ranks = $chance->shuffleArray(range(0, $steps - 1));
        foreach ($ranks as $at => $from) {
            foreach (array_slice($ranks, $at + 1) as $to) {
                if ($chance->getInt(0, 999) < 1000 * $linked) {
                    $least = $chance->getInt(0, 999) < 1000 * $lagged ? $chance->getInt(1, 60) : 0;
                    $lags[] = new Lag(
                        $from,
                        $to,
                        $least,
                        $chance->getInt(0, 999) < 1000 * $closing ? $least + $chance->getInt(0, 40) : null,
                    );
                }
            }
        }
        $tools = array_map(static fn (): int => $chance->getInt(0, 3), range(1, $steps));
        $changeovers = [];
        foreach (range(0, $steps - 1) as $one) {
            foreach (range(0, $steps - 1) as $other) {
                $changeovers[$one][$other] = $classes ? ($tools[$one] === $tools[$other] ? 0 : 2 + 3 * $tools[$other])
                    : $chance->getInt(0, 20);
            }
        }

        return new Problem(
            array_map(static fn (): int => max(0, $chance->getInt(-10, 40)), range(1, $steps)),
            array_map(array_values(...), array_values($changeovers)),
            $lags,
            $grouped && $steps > 3 ? [array_slice($chance->shuffleArray(range(0, $steps - 1)), 0, 3)] : [],
        );
    }

    /**
     * Every order that precedence allows, each timed by Bellman and Ford's longest paths over all its constraints.
     *
     * @return int|null the least makespan; null when no order is feasible
     */
    public static function bruteForce(Problem $problem): ?int
    {
        $best = null;
        self::eachOrder($problem, [], static function (array $order) use ($problem, &$best): void {
            $makespan = self::makespan($problem, $order);
            $best = $makespan === null || ($best !== null && $best <= $makespan) ? $best : $makespan;
        });

        return $best;
    }

    /**
     * @param  list<int>  $order
     * @return int|null null when the constraints contradict each other
     */
    public static function makespan(Problem $problem, array $order): ?int
    {
        $edges = [];
        foreach ($order as $at => $step) {
            if ($at > 0) {
                $last = $order[$at - 1];
                $edges[] = [$last, $step, $problem->durations[$last] + $problem->changeovers[$last][$step]];
            }
        }
        foreach ($problem->lags as $lag) {
            $edges[] = [$lag->from, $lag->to, $problem->durations[$lag->from] + $lag->least];
            if ($lag->most !== null) {
                $edges[] = [$lag->to, $lag->from, -$problem->durations[$lag->from] - $lag->most];
            }
        }
        $starts = array_fill(0, count($order), 0);
        for ($round = 0; $round <= count($order); $round++) {
            $before = $starts;
            foreach ($edges as [$from, $to, $length]) {
                $starts[$to] = max($starts[$to], $starts[$from] + $length);
            }
            if ($starts === $before) {
                $last = $order[count($order) - 1];

                return self::isTorn($problem, $order) ? null : $starts[$last] + $problem->durations[$last];
            }
        }

        return null;
    }

    /** @param  list<int>  $order */
    private static function isTorn(Problem $problem, array $order): bool
    {
        foreach ($problem->together as $members) {
            $places = array_keys(array_intersect($order, $members));
            if (max($places) - min($places) >= count($members)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<int>  $order
     * @param  callable(list<int>): void  $use
     */
    private static function eachOrder(Problem $problem, array $order, callable $use): void
    {
        $done = array_reduce($order, static fn (int $bits, int $step): int => $bits | 1 << $step, 0);
        foreach (array_keys($problem->durations) as $step) {
            if ($problem->mayFollow($step, $done)) {
                self::eachOrder($problem, [...$order, $step], $use);
            }
        }
        if (count($order) === $problem->count()) {
            $use($order);
        }
    }
}
