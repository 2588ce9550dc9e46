<?php

declare(strict_types=1);

namespace Core\Order\Search;

/**
 * Steps to be put in order by one worker, in bare numbers: single-machine scheduling with sequence-dependent changeovers and
 * generalized precedence relations. Steps are 0 to n - 1; all times are whole milliseconds.
 */
final readonly class Problem
{
    /** Steps that the bits of an integer can tell apart; the bits of longer lists mean nothing and are not asked for. */
    public const MOST_STEPS = 62;

    /** @var list<int> for each step, the bits of the steps that must be done before it */
    public array $before;

    /** @var list<int> bits of all that must be done before a step, directly or not */
    public array $ancestors;

    /** @var list<list<Lag>> by the step they lead to */
    public array $into;

    /** @var list<list<Lag>> by the step they come from, those with a longest wait only */
    public array $closing;

    /** @var list<int> for each step, the bits of the group that must not be torn apart, or 0 */
    public array $group;

    /**
     * @param  list<int>  $durations
     * @param  list<list<int>>  $changeovers  from row to column; they need not obey the triangle inequality
     * @param  list<Lag>  $lags
     * @param  list<list<int>>  $together  groups of steps that nothing may come between; no step in two of them
     */
    public function __construct(public array $durations, public array $changeovers, public array $lags, public array $together = [])
    {
        $steps = count($durations);
        $before = $group = array_fill(0, $steps, 0);
        $into = $closing = array_fill(0, $steps, []);
        foreach ($lags as $lag) {
            $before[$lag->to] |= 1 << $lag->from;
            $into[$lag->to][] = $lag;
            if ($lag->most !== null) {
                $closing[$lag->from][] = $lag;
            }
        }
        foreach ($together as $members) {
            $bits = array_reduce($members, static fn (int $all, int $step): int => $all | 1 << $step, 0);
            foreach ($members as $step) {
                $group[$step] = $bits;
            }
        }
        $this->before = array_values($before);
        $this->ancestors = self::closed($this->before, $lags);
        $this->into = $into;
        $this->closing = $closing;
        $this->group = array_values($group);
    }

    public function count(): int
    {
        return count($this->durations);
    }

    /** All steps done. */
    public function all(): int
    {
        return (1 << $this->count()) - 1;
    }

    /** Whether a step may come next, as far as order alone goes. */
    public function mayFollow(int $step, int $done): bool
    {
        return ($done >> $step & 1) === 0 && ($this->before[$step] & ~$done) === 0;
    }

    /** The bits of a group that is begun and not finished, or 0. */
    public function openGroup(int $last, int $done): int
    {
        $open = $this->group[$last] & ~$done;

        return $open === 0 ? 0 : $open;
    }

    /** Whether a step may come right after another: it need not come before it, and nothing need come between. */
    public function mayBeNext(int $one, int $next): bool
    {
        return ($this->ancestors[$one] >> $next & 1) === 0 && $this->between($one, $next) === 0;
    }

    /** The bits of what must come after the one and before the other. */
    public function between(int $one, int $other): int
    {
        $between = 0;
        for ($bits = $this->ancestors[$other], $step = 0; $bits !== 0; $bits >>= 1, $step++) {
            $between |= ($bits & 1) === 1 && ($this->ancestors[$step] >> $one & 1) === 1 ? 1 << $step : 0;
        }

        return $between;
    }

    /**
     * @param  list<int>  $before
     * @param  list<Lag>  $lags
     * @return list<int>
     */
    private static function closed(array $before, array $lags): array
    {
        for ($round = 0; $round < count($before); $round++) {
            $more = $before;
            foreach ($lags as $lag) {
                $more[$lag->to] |= $more[$lag->from];
            }
            if ($more === $before) {
                break;
            }
            $before = array_values($more);
        }

        return $before;
    }
}
