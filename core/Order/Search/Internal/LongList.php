<?php

declare(strict_types=1);

namespace Core\Order\Search\Internal;

use Core\Order\Search\Lag;
use Core\Order\Search\Outcome;
use Core\Order\Search\Problem;
use Core\Order\Search\Schedule;
use Core\Order\Search\Watch;

/**
 * For lists that are longer than the bits of an integer: runs of one to three steps are taken out and put in elsewhere as long as
 * that makes the makespan shorter (Or-opt: I. Or, 1976). It proves nothing by itself; its bound is the painting with the cheapest
 * change into every kind of tool but one.
 */
final readonly class LongList
{
    private const LONGEST_RUN = 3;

    /** How far a run is moved. Team's estimate: farther moves hardly ever gain anything. */
    private const FARTHEST = 30;

    private const ASK_EVERY = 16;

    public function __construct(private Problem $problem) {}

    public function improved(?Schedule $best, Watch $watch): Outcome
    {
        $bound = $this->bound();
        $looked = 0;
        for ($isBetter = $best !== null; $isBetter && $best !== null && $best->makespan > $bound;) {
            $isBetter = false;
            foreach ($this->moves($best->order) as $order) {
                if (++$looked % self::ASK_EVERY === 0 && ! $watch->goesOn(new Outcome(
                    $best,
                    min($bound, $best->makespan),
                    false,
                    $looked,
                ))) {
                    break 2;
                }
                $schedule = Schedule::earliest($this->problem, $order);
                if ($schedule !== null && $schedule->makespan < $best->makespan) {
                    [$best, $isBetter] = [$schedule, true];

                    break;
                }
            }
        }

        return new Outcome($best, min($bound, $best->makespan ?? $bound), $best !== null && $best->makespan <= $bound, $looked);
    }

    /**
     * Those first that save most on changes of tool.
     *
     * @param  list<int>  $order
     * @return iterable<list<int>>
     */
    private function moves(array $order): iterable
    {
        $moves = [];
        $count = count($order);
        for ($length = 1; $length <= self::LONGEST_RUN; $length++) {
            for ($from = 0; $from + $length <= $count; $from++) {
                for ($to = max(0, $from - self::FARTHEST); $to <= min($count - $length, $from + self::FARTHEST); $to++) {
                    $saved = $to === $from ? -1 : $this->saved($order, $from, $length, $to);
                    if ($saved >= 0) {
                        $moves[] = [$saved, $from, $length, $to];
                    }
                }
            }
        }
        usort($moves, static fn (array $one, array $other): int => $other[0] <=> $one[0]);
        foreach ($moves as [, $from, $length, $to]) {
            $moved = $order;
            $run = array_splice($moved, $from, $length);
            array_splice($moved, $to, 0, $run);
            if ($this->isKept($moved)) {
                yield $moved;
            }
        }
    }

    /**
     * Milliseconds of changing tools, where a run is taken out and put in so that it begins at another place.
     *
     * @param  list<int>  $order
     */
    private function saved(array $order, int $from, int $length, int $to): int
    {
        [$first, $last] = [$order[$from], $order[$from + $length - 1]];
        [$before, $after] = [$order[$from - 1] ?? null, $order[$from + $length] ?? null];
        [$left, $right] = $to > $from ? [$order[$to + $length - 1], $order[$to + $length] ?? null] : [$order[$to - 1] ?? null, $order[$to]];

        return $this->change($before, $first) + $this->change($last, $after) - $this->change($before, $after)
            + $this->change($left, $right) - $this->change($left, $first) - $this->change($last, $right);
    }

    private function change(?int $from, ?int $to): int
    {
        return $from === null || $to === null ? 0 : $this->problem->changeovers[$from][$to];
    }

    /** @param  list<int>  $order */
    private function isKept(array $order): bool
    {
        $place = array_flip($order);

        return array_filter($this->problem->lags, static fn (Lag $lag): bool => $place[$lag->from] > $place[$lag->to]) === [];
    }

    private function bound(): int
    {
        $count = $this->problem->count();
        $cheapest = [];
        for ($step = 0; $step < $count; $step++) {
            $into = array_column($this->problem->changeovers, $step);
            unset($into[$step]);
            $cheapest[] = $into === [] ? 0 : min($into);
        }

        return array_sum($this->problem->durations) + array_sum($cheapest) - ($cheapest === [] ? 0 : max($cheapest));
    }
}
