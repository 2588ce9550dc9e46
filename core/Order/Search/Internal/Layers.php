<?php

declare(strict_types=1);

namespace Core\Order\Search\Internal;

use Core\Order\Search\Outcome;
use Core\Order\Search\Problem;
use Core\Order\Search\Schedule;
use Core\Order\Search\Watch;

/**
 * One sweep after another through the layers of labels that have done equally many steps. Keeps the best order of all sweeps,
 * so it is not readonly; it lives as long as one search.
 */
final class Layers
{
    private const ASK_EVERY = 256;

    private int $labels;

    private int $asked;

    private int $bound;

    private ?Schedule $best;

    private bool $isStopped = false;

    private readonly Expansion $expansion;

    /** Memory in use at the height of the last sweep. */
    private int $most = 0;

    public function __construct(
        private readonly Problem $problem,
        private readonly LagFreeBound $lagFree,
        private readonly Watch $watch,
        Outcome $soFar,
        private readonly int $below,
    ) {
        $this->expansion = new Expansion($problem, $lagFree);
        $this->best = $soFar->best;
        $this->bound = $soFar->bound;
        $this->labels = $this->asked = $soFar->labels;
    }

    public function isStopped(): bool
    {
        return $this->isStopped;
    }

    public function mostMemory(): int
    {
        return $this->most;
    }

    /** One sweep that keeps so many labels of each layer. */
    public function run(int $width): Outcome
    {
        $this->most = 0;
        $painting = array_sum($this->problem->durations);
        $limit = $this->soonest() === PHP_INT_MAX ? PHP_INT_MAX : $this->soonest() - $painting;
        $this->bound = max($this->bound, $painting + $this->lagFree->atStart($limit));
        if ($this->bound >= $this->soonest()) {
            return $this->soFar(true);
        }
        $layer = [Label::start($this->problem->durations)];
        $dropped = PHP_INT_MAX;
        for ($done = 0; $done < $this->problem->count() && ! $this->isStopped; $done++) {
            $layer = $this->next($layer);
            $this->most = max($this->most, memory_get_usage());
            if (count($layer) > $width) {
                usort($layer, static fn (Label $one, Label $other): int => [$one->bound, $one->time] <=> [$other->bound, $other->time]);
                $dropped = min($dropped, $layer[$width]->bound);
                $layer = array_slice($layer, 0, $width);
            }
        }
        if ($this->isStopped) {
            return $this->soFar();
        }
        if ($layer !== [] || $this->problem->count() === 0) {
            $this->keep($layer);
        }
        // What was not dropped either ended here or could not have been better.
        $soonest = min($dropped, $this->soonest());
        $this->bound = $soonest === PHP_INT_MAX ? $this->bound : max($this->bound, $soonest);

        $isProven = $dropped >= $this->soonest();
        $this->isStopped = ! $isProven && ! $this->watch->goesOn($this->soFar());

        return $this->soFar($isProven);
    }

    /**
     * @param  list<Label>  $layer
     * @return list<Label> non-dominated
     */
    private function next(array $layer): array
    {
        $table = [];
        $below = $this->soonest();
        foreach ($layer as $label) {
            foreach ($this->expansion->of($label, $below) as $next) {
                $this->labels++;
                $key = $next->tail === [] ? $this->lagFree->classOf[(int) $next->last] : implode(' ', $next->tail).'.';
                $table[$next->done][$key] = self::undominated($table[$next->done][$key] ?? [], $next);
            }
            if ($this->labels - $this->asked >= self::ASK_EVERY && ! $this->isWatched()) {
                break;
            }
        }

        return array_merge(...array_map(static fn (array $same): array => array_merge(...array_values($same)), array_values($table)));
    }

    /**
     * @param  list<Label>  $labels
     * @return list<Label>
     */
    private static function undominated(array $labels, Label $next): array
    {
        $kept = [];
        foreach ($labels as $label) {
            if ($label->dominates($next)) {
                return $labels;
            }
            if (! $next->dominates($label)) {
                $kept[] = $label;
            }
        }
        $kept[] = $next;

        return $kept;
    }

    /** @param  list<Label>  $complete */
    private function keep(array $complete): void
    {
        $order = [];
        $soonest = PHP_INT_MAX;
        foreach ($complete as $label) {
            if ($label->time < $soonest) {
                [$soonest, $order] = [$label->time, $label->order()];
            }
        }
        $this->best = Schedule::earliest($this->problem, $order) ?? $this->best;
    }

    /** What an order has to end before, to be of interest. */
    private function soonest(): int
    {
        return min($this->below, $this->best->makespan ?? PHP_INT_MAX);
    }

    private function isWatched(): bool
    {
        $this->asked = $this->labels;
        $this->isStopped = ! $this->watch->goesOn($this->soFar());

        return ! $this->isStopped;
    }

    private function soFar(bool $isProven = false): Outcome
    {
        return new Outcome($this->best, min($this->bound, $this->best->makespan ?? $this->bound), $isProven, $this->labels);
    }
}
