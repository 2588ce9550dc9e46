<?php

declare(strict_types=1);

namespace Core\Plan\Simulation;

use Core\Plan\Simulation\Internal\Chairs;
use Core\Plan\Simulation\Internal\Compiled;
use Core\Plan\Simulation\Internal\Counts;
use Core\Plan\Simulation\Internal\Crowd;
use Core\Plan\Simulation\Internal\LineEach;
use Core\Plan\Simulation\Internal\OneLine;
use Core\Plan\Simulation\Internal\Plays;

/**
 * Plays an event through, day after day, by discrete-event simulation. The same seed and run give the same day on any machine; two
 * scenarios with the same seed are visited by the same children.
 */
final readonly class Simulation
{
    private Compiled $plan;

    private Crowd $crowd;

    public function __construct(Scenario $scenario, int $seed = 1)
    {
        $this->plan = new Compiled($scenario);
        $this->crowd = new Crowd($scenario->arrivals, $this->plan->open, $this->plan->names, $seed);
    }

    /**
     * @param  int  $runs  days to play, 1 at least
     * @param  int  $first  the number of the first one
     */
    public function run(int $runs, int $first = 0): Tally
    {
        $chairs = new Chairs($this->plan, $this->crowd);
        $counts = new Counts($this->plan, $chairs->painting);
        $day = $this->day($chairs, $counts);
        for ($run = $first; $run < $first + $runs; $run++) {
            $day->play($run);
        }

        return $counts->tally();
    }

    /** @return array{list<PlayedFace>, list<Lost>} what happens on one of the days */
    public function watch(int $run): array
    {
        $chairs = new Chairs($this->plan, $this->crowd);
        $counts = new Counts($this->plan, $chairs->painting);
        $chairs->watched = $counts->watched = [];
        $this->day($chairs, $counts)->play($run);

        return [$chairs->watched, $counts->watched];
    }

    private function day(Chairs $chairs, Counts $counts): Plays
    {
        return $this->plan->scenario->rules->isLineEach
            ? new LineEach($this->plan, $chairs, $counts)
            : new OneLine($this->plan, $chairs, $counts);
    }
}
