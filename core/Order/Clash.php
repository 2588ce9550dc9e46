<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Order\Search\Problem;
use Core\Order\Search\Sequencer;
use Core\Order\Search\UntilFeasible;

/**
 * The few constraints that cannot all be kept, out of many: a minimal conflict, found by halving.
 *
 * Source: U. Junker, "QuickXplain: preferred explanations and relaxations for over-constrained problems", AAAI 2004.
 */
final readonly class Clash
{
    /** Partial orders looked at in each question; where that does not settle it, the constraints count as compatible. */
    private const LABELS = 6_000;

    /** @param  list<list<int>>  $changeovers */
    private function __construct(private DesignFacts $design, private array $changeovers) {}

    /**
     * @param  list<list<int>>  $changeovers
     * @return list<Constraint|list<int>> of what the painter said: constraints, and groups that are to stay together
     */
    public static function among(DesignFacts $design, Constraints $constraints, array $changeovers): array
    {
        $clash = new self($design, $changeovers);

        return $clash->explain([], false, [...$constraints->firm, ...$constraints->together]);
    }

    /**
     * @param  list<list<int>>  $changeovers
     * @param  list<Constraint|list<int>>  $kept
     */
    public static function isFeasible(DesignFacts $design, array $changeovers, array $kept): bool
    {
        return (new self($design, $changeovers))->mayKeep($kept);
    }

    /**
     * @param  list<Constraint|list<int>>  $kept
     * @param  bool  $isNew  whether the kept ones changed since they were last asked
     * @param  list<Constraint|list<int>>  $open
     * @return list<Constraint|list<int>> of the open ones, those that clash with the kept
     */
    private function explain(array $kept, bool $isNew, array $open): array
    {
        if ($isNew && ! $this->mayKeep($kept)) {
            return [];
        }
        if (count($open) <= 1) {
            return $open;
        }
        $half = intdiv(count($open), 2);
        [$one, $other] = [array_slice($open, 0, $half), array_slice($open, $half)];
        $fromOther = $this->explain([...$kept, ...$one], true, $other);
        $fromOne = $this->explain([...$kept, ...$fromOther], $fromOther !== [], $one);

        return [...$fromOne, ...$fromOther];
    }

    /** @param  list<Constraint|list<int>>  $kept */
    private function mayKeep(array $kept): bool
    {
        $groups = array_values(array_filter($kept, is_array(...)));
        $constraints = array_values(array_filter($kept, static fn (Constraint|array $one): bool => $one instanceof Constraint));
        $durations = array_map(static fn ($duration): int => $duration->milliseconds, $this->design->durations);
        $problem = new Problem($durations, $this->changeovers, Constraints::lagsOf($constraints), $groups);
        $outcome = (new Sequencer)->solve($problem, new UntilFeasible(self::LABELS));

        return $outcome->best !== null || ! $outcome->isProven;
    }
}
