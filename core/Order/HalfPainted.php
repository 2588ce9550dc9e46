<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Design\Step;
use Core\Order\Search\Lag;
use Core\Order\Search\Problem;

/** A face of which some steps are painted already: what they laid has been drying since. */
final readonly class HalfPainted
{
    /** @param  array<string, int>  $done  milliseconds since its end by step id, in the order they were painted */
    public function __construct(public array $done) {}

    public static function not(): self
    {
        return new self([]);
    }

    /** @return list<string> ids */
    public function steps(): array
    {
        return array_keys($this->done);
    }

    /**
     * @param  list<Step>  $steps
     * @return list<int> places of all steps: these as they were painted, then the others as typed
     */
    public function first(array $steps): array
    {
        $places = array_flip(array_column($steps, 'id'));
        $done = [];
        foreach (array_keys($this->done) as $id) {
            if (isset($places[$id])) {
                $done[] = $places[$id];
            }
        }

        return [...$done, ...array_values(array_diff(array_keys($steps), $done))];
    }

    /** How long ago the first of them ended: the makespan of any order includes it. */
    public function before(): int
    {
        return array_values($this->done)[0] ?? 0;
    }

    /**
     * The same problem with these steps done when they were: they take no time any more, and all that is left starts now. A wait
     * that is over is over, and so is an order that was not kept.
     *
     * @param  list<Step>  $steps  of the problem
     */
    public function in(Problem $problem, array $steps): Problem
    {
        $ids = array_column($steps, 'id');
        $since = $rank = [];
        foreach ($this->done as $id => $ms) {
            $place = array_search($id, $ids, true);
            if ($place !== false) {
                $rank[$place] = count($rank);
                $since[$place] = $ms;
            }
        }
        if ($rank === []) {
            return $problem;
        }
        $lags = array_filter($problem->lags, static fn (Lag $lag): bool => ! isset($rank[$lag->to])
            && ($lag->most === null || ! isset($since[$lag->from]) || $lag->most >= $since[$lag->from]));
        $durations = array_map(
            static fn (int $duration, int $at): int => isset($rank[$at]) ? 0 : $duration,
            $problem->durations,
            array_keys($problem->durations),
        );
        $changeovers = $problem->changeovers;
        $last = array_key_last($rank);
        foreach ($changeovers as $from => $row) {
            foreach (array_keys($row) as $to) {
                // Whatever comes next, its tool is taken up from now on.
                $changeovers[$from][$to] += $from === $last ? $since[$last] : 0;
                $changeovers[$from][$to] = isset($rank[$from], $rank[$to]) ? 0 : $changeovers[$from][$to];
            }
        }
        $groups = array_map(
            static fn (array $group): array => array_values(array_filter($group, static fn (int $step): bool => ! isset($rank[$step]))),
            $problem->together,
        );

        return new Problem(
            $durations,
            array_map(array_values(...), $changeovers),
            [...self::narrowest($lags, $this->past(array_keys($rank), $since, count($durations)))],
            array_values(array_filter($groups)),
        );
    }

    /**
     * The done steps one after another as long after each other as they were, and what is left after them.
     *
     * @param  non-empty-list<int>  $done
     * @param  array<int, int>  $since
     * @return list<Lag>
     */
    private function past(array $done, array $since, int $steps): array
    {
        $lags = [];
        for ($next = 1; $next < count($done); $next++) {
            $apart = max(0, $since[$done[$next - 1]] - $since[$done[$next]]);
            $lags[] = new Lag($done[$next - 1], $done[$next], $apart, $apart);
        }
        $last = $done[count($done) - 1];
        for ($step = 0; $step < $steps; $step++) {
            if (! isset($since[$step])) {
                $lags[] = new Lag($last, $step);
            }
        }

        return $lags;
    }

    /**
     * @param  array<int, Lag>  $lags
     * @param  list<Lag>  $past
     * @return list<Lag> one for each pair
     */
    private static function narrowest(array $lags, array $past): array
    {
        $all = [];
        foreach ([...$lags, ...$past] as $lag) {
            $known = $all["{$lag->from} {$lag->to}"] ?? $lag;
            $most = min($known->most ?? PHP_INT_MAX, $lag->most ?? PHP_INT_MAX);
            $all["{$lag->from} {$lag->to}"] = new Lag(
                $lag->from,
                $lag->to,
                max($known->least, $lag->least),
                $most === PHP_INT_MAX ? null : $most,
            );
        }

        return array_values($all);
    }
}
