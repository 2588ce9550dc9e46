<?php

declare(strict_types=1);

namespace Core\Order\Search\Internal;

use Core\Order\Search\Lag;
use Core\Order\Search\Problem;

/** What may come next after a label, with its earliest times and its bound. */
final readonly class Expansion
{
    /** @var list<list<Lag>> by the step they come from */
    private array $outOf;

    /** @var list<int> least time from a step's start to the end of all that must follow it */
    private array $chain;

    private int $rounds;

    public function __construct(private Problem $problem, private LagFreeBound $bound)
    {
        $outOf = array_fill(0, $problem->count(), []);
        foreach ($problem->lags as $lag) {
            $outOf[$lag->from][] = $lag;
        }
        $this->outOf = $outOf;
        $this->chain = $this->chains();
        $this->rounds = count(array_merge(...$problem->closing)) + 1;
    }

    /**
     * @param  int  $below  labels that cannot end sooner are left out
     * @return list<Label>
     */
    public function of(Label $label, int $below): array
    {
        $group = $label->last === null ? 0 : $this->problem->openGroup($label->last, $label->done);
        $labels = [];
        foreach ($this->problem->before as $step => $before) {
            if (($label->done >> $step & 1) === 1 || ($before & ~$label->done) !== 0 || ($group !== 0 && ($group >> $step & 1) === 0)) {
                continue;
            }
            $next = $label->tail === [] ? $this->settled($label, $step, $below) : $this->unsettled($label, $step, $below);
            if ($next !== null) {
                $labels[] = $next;
            }
        }

        return $labels;
    }

    /** After a label whose times are final. */
    private function settled(Label $label, int $step, int $below): ?Label
    {
        $start = $label->last === null ? 0 : $label->time + $this->problem->changeovers[$label->last][$step];
        $start = max($start, $label->releases[$step] ?? 0);

        return $this->label(parent: $label, step: $step, tail: [$step], starts: [$start], below: $below);
    }

    /** After a label whose tail may have to be held back for this step. */
    private function unsettled(Label $label, int $step, int $below): ?Label
    {
        $tail = [...$label->tail, $step];
        $held = [...$label->starts, $label->releases[$step] ?? 0];
        $place = array_flip($tail);
        for ($round = 0; $round < $this->rounds; $round++) {
            $held = $this->forward($tail, $place, $held);
            $isHeld = false;
            foreach ($tail as $at => $source) {
                foreach ($this->problem->closing[$source] as $lag) {
                    $soonest = isset($place[$lag->to])
                        ? $held[$place[$lag->to]] - (int) $lag->most - $this->problem->durations[$source]
                        : 0;
                    if ($soonest > $held[$at]) {
                        $held[$at] = $soonest;
                        $isHeld = true;
                    }
                }
            }
            if (! $isHeld) {
                return $this->label(parent: $label, step: $step, tail: $tail, starts: $held, below: $below);
            }
        }

        return null;
    }

    /**
     * @param  list<int>  $tail
     * @param  array<int, int>  $place
     * @param  list<int>  $held
     * @return list<int>
     */
    private function forward(array $tail, array $place, array $held): array
    {
        foreach ($tail as $at => $step) {
            if ($at > 0) {
                $last = $tail[$at - 1];
                $held[$at] = max($held[$at], $held[$at - 1] + $this->problem->durations[$last] + $this->problem->changeovers[$last][$step]);
            }
            foreach ($this->problem->into[$step] as $lag) {
                if (isset($place[$lag->from])) {
                    $held[$at] = max($held[$at], $held[$place[$lag->from]] + $this->problem->durations[$lag->from] + $lag->least);
                }
            }
        }

        return array_values($held);
    }

    /**
     * @param  list<int>  $tail
     * @param  list<int>  $starts
     */
    private function label(Label $parent, int $step, array $tail, array $starts, int $below): ?Label
    {
        $done = $parent->done | 1 << $step;
        $time = $starts[count($starts) - 1] + $this->problem->durations[$step];
        $open = $this->firstOpen($tail, $done);
        $releases = $parent->releases;
        unset($releases[$step]);
        foreach ($tail as $at => $settled) {
            foreach ($at < $open ? $this->outOf[$settled] : [] as $lag) {
                $release = $starts[$at] + $this->problem->durations[$settled] + $lag->least;
                if ($release > ($releases[$lag->to] ?? $time) && ($done >> $lag->to & 1) === 0) {
                    $releases[$lag->to] = $release;
                }
            }
        }
        foreach ($releases as $to => $release) {
            if ($release <= $time) {
                unset($releases[$to]);
            }
        }
        $tail = array_slice($tail, $open);
        $left = $parent->left - $this->problem->durations[$step];
        $bound = max(
            $parent->bound,
            $time + $left + $this->bound->after($done, $step, $below === PHP_INT_MAX ? $below : $below - $time - $left),
            $this->chained($done, $time, $releases),
        );
        if ($bound >= $below || ($tail !== [] && $this->isTooLate($tail, $done))) {
            return null;
        }

        return new Label(
            done: $done,
            last: $step,
            time: $time,
            left: $left,
            releases: $releases,
            tail: $tail,
            starts: array_slice($starts, $open),
            bound: $bound,
            parent: $parent,
        );
    }

    /**
     * Where the tail begins that may still be held back: at the first source with a target to come, or with one that lies in
     * that tail itself and would be pushed out of its reach.
     *
     * @param  list<int>  $tail
     */
    private function firstOpen(array $tail, int $done): int
    {
        $open = count($tail);
        $movable = ~$done;
        for ($at = $open - 1; $at >= 0; $at--) {
            foreach ($this->problem->closing[$tail[$at]] as $lag) {
                if (($movable >> $lag->to & 1) === 1) {
                    $open = $at;
                    $movable |= self::bits(array_slice($tail, $at));
                }
            }
        }

        return $open;
    }

    /** @param  list<int>  $steps */
    private static function bits(array $steps): int
    {
        return array_reduce($steps, static fn (int $bits, int $step): int => $bits | 1 << $step, 0);
    }

    /** @param  array<int, int>  $releases */
    private function chained(int $done, int $time, array $releases): int
    {
        $latest = 0;
        foreach ($this->chain as $step => $chain) {
            if (($done >> $step & 1) === 0) {
                $latest = max($latest, ($releases[$step] ?? $time) + $chain);
            }
        }

        return $latest;
    }

    /**
     * Whether some longest wait is over, however far its source is held back: so much has been painted since, and so much must
     * still be before its target.
     *
     * @param  list<int>  $tail
     */
    private function isTooLate(array $tail, int $done): bool
    {
        $since = 0;
        for ($at = count($tail) - 1; $at >= 0; $at--) {
            foreach ($this->problem->closing[$tail[$at]] as $lag) {
                if (($done >> $lag->to & 1) === 0 && $since + $this->painting($this->problem->ancestors[$lag->to] & ~$done) > $lag->most) {
                    return true;
                }
            }
            $since += $this->problem->durations[$tail[$at]] + ($at > 0 ? $this->problem->changeovers[$tail[$at - 1]][$tail[$at]] : 0);
        }

        return false;
    }

    private function painting(int $steps): int
    {
        $sum = 0;
        foreach ($steps === 0 ? [] : $this->problem->durations as $step => $duration) {
            $sum += ($steps >> $step & 1) === 1 ? $duration : 0;
        }

        return $sum;
    }

    /** @return list<int> */
    private function chains(): array
    {
        $chain = $this->problem->durations;
        for ($round = 0; $round < $this->problem->count(); $round++) {
            $longer = $chain;
            foreach ($this->problem->lags as $lag) {
                $longer[$lag->from] = max($longer[$lag->from], $this->problem->durations[$lag->from] + $lag->least + $longer[$lag->to]);
            }
            if ($longer === $chain) {
                break;
            }
            $chain = array_values($longer);
        }

        return $chain;
    }
}
