<?php

declare(strict_types=1);

namespace Core\Order\Search;

use Closure;
use Core\Order\Search\Internal\LagFreeBound;
use Core\Order\Search\Internal\Layers;
use Core\Order\Search\Internal\LongList;
use Core\Order\Search\Internal\Repair;
use Core\Order\Search\Internal\Room;

/**
 * Finds the order of least elapsed time: dynamic programming over (done set, tool in hand) with labels for the lags that are
 * still running, of which only the non-dominated are kept, cut off by the lag-free bound. It runs as a beam search that grows
 * wider until nothing had to be dropped, which proves the best; when it ends before that, the best bound among the dropped
 * says how much could still be won.
 *
 * The same problem gives the same answer, but for a Watch that goes by the clock.
 */
final readonly class Sequencer
{
    private const FIRST_WIDTH = 24;

    private const WIDER = 5;

    /** Memory that a search may take: a web process has 256 MB, and some 30 of them are taken before it begins. */
    public const MOST_BYTES = 192 << 20;

    public function __construct(private int $mostBytes = self::MOST_BYTES) {}

    /**
     * @param  list<int>|null  $typed  an order that the answer must not be worse than, if it is feasible itself
     * @param  int  $below  milliseconds: orders that are not quicker are of no interest, and need not be told apart
     */
    public function solve(Problem $problem, Watch $watch, ?array $typed = null, int $below = PHP_INT_MAX): Outcome
    {
        $best = $typed === null ? null : Schedule::earliest($problem, $typed);
        if ($best === null && $problem->together === [] && array_filter($problem->closing) !== []) {
            $best = (new Repair($problem))->run($watch);
        }
        if ($problem->count() > Problem::MOST_STEPS) {
            return (new LongList($problem))->improved($best ?? $this->anyOrder($problem), $watch);
        }
        $room = new Room($this->mostBytes);
        // Long lists must have an answer before the better bound is worked out.
        $quick = new Layers(
            problem: $problem,
            lagFree: new LagFreeBound($problem, false, static fn (): bool => true),
            watch: $watch,
            soFar: new Outcome($best, 0, false, 0),
            below: $below,
        );
        $outcome = $this->widening($quick, $room, static fn (Outcome $found): bool => $found->best !== null);
        if ($outcome->isProven || $quick->isStopped()) {
            return $outcome;
        }
        $bound = new LagFreeBound(
            $problem,
            true,
            static fn (int $states): bool => $room->holdsMore() && $watch->goesOn($outcome->after($states)),
        );

        return $this->widening(
            new Layers(problem: $problem, lagFree: $bound, watch: $watch, soFar: $outcome, below: $below),
            $room,
            static fn (): bool => false,
        );
    }

    /** Where no longest wait binds, any order that keeps the precedences will do. */
    private function anyOrder(Problem $problem): ?Schedule
    {
        return $problem->together === [] ? (new Repair($problem))->run(new UntilFeasible(PHP_INT_MAX)) : null;
    }

    /** @param  Closure(Outcome): bool  $isEnough */
    private function widening(Layers $layers, Room $room, Closure $isEnough): Outcome
    {
        for ($width = $widest = self::FIRST_WIDTH; ; $width *= self::WIDER) {
            $outcome = $layers->run(min($width, $widest));
            if ($outcome->isProven || $layers->isStopped() || $width > $widest || $isEnough($outcome)) {
                return $outcome;
            }
            $widest = $room->widest($width, $layers->mostMemory());
        }
    }
}
