<?php

declare(strict_types=1);

namespace Core\Order;

use Closure;
use Core\Order\Internal\Precedence;
use Core\Order\Search\Problem;
use Core\Order\Search\Schedule;
use Core\Units\Duration;

/**
 * What the search is held to, and an order that keeps it. The painter's own order is lawful: what the painter said binds, and of
 * what the craft warns of whatever that order keeps, with the waits it needs. What it breaks is mended where that takes no longer
 * than the breaking costs.
 */
final readonly class FeasibleOrder
{
    /**
     * @param  list<Constraint>  $held  what every order is held to
     * @param  list<int>  $order  one that keeps all of it
     * @param  Problem  $asTyped  what the painter's own order keeps
     * @param  list<int>  $own  the painter's own order, changed only where it breaks what the painter said
     */
    private function __construct(public array $held, public array $order, public Problem $asTyped, public array $own) {}

    /**
     * @param  list<list<int>>  $changeovers
     * @param  list<int>  $typed  places of all steps, in the painter's order
     * @param  bool  $isMending  whether what that order breaks is mended at all
     * @return self|null null when not all that the painter said can be kept in that order
     */
    public static function of(
        DesignFacts $design,
        Constraints $constraints,
        array $changeovers,
        array $typed,
        bool $isMending = true,
    ): ?self {
        $problem = self::problems($design, $constraints, $changeovers);
        $own = self::ordering($design, $constraints, $constraints->firm, $typed);
        $firm = $own === null ? null : Schedule::earliest($problem(...$constraints->firm), $own);
        if ($own === null || $firm === null) {
            return null;
        }
        [$held, $broken] = self::kept($constraints, $problem, $own);
        $asTyped = $problem(...$held);
        [$order, $now] = [$own, Schedule::earliest($asTyped, $own) ?? $firm];
        foreach ($isMending ? self::dearestFirst($broken, $firm, $design) : [] as [$constraint, $price]) {
            $mended = self::ordering($design, $constraints, [...$held, $constraint], self::broughtTogether($order, $constraint));
            $then = $mended === null ? null : Schedule::earliest($problem(...$held, ...[$constraint]), $mended);
            if ($mended !== null && $then !== null && $then->makespan <= $now->makespan + $price) {
                [$held, $order, $now] = [[...$held, $constraint], $mended, $then];
            }
        }
        [$held, $order] = self::withWishes(design: $design, constraints: $constraints, problem: $problem, held: $held, order: $order);

        return new self($held, $order, $asTyped, $own);
    }

    /**
     * @param  list<list<int>>  $changeovers
     * @return Closure(Constraint...): Problem
     */
    private static function problems(DesignFacts $design, Constraints $constraints, array $changeovers): Closure
    {
        $durations = array_map(static fn (Duration $duration): int => $duration->milliseconds, $design->durations);

        return static fn (Constraint ...$held): Problem => new Problem(
            $durations,
            $changeovers,
            Constraints::lagsOf(array_values($held)),
            $constraints->together,
        );
    }

    /**
     * @param  Closure(Constraint...): Problem  $problem
     * @param  list<int>  $own
     * @return array{list<Constraint>, list<Constraint>} what that order keeps, and what it breaks
     */
    private static function kept(Constraints $constraints, Closure $problem, array $own): array
    {
        $place = array_flip($own);
        $isTurned = static fn (Constraint $one): bool => $place[$one->from] > $place[$one->to];
        $inOrder = array_values(array_filter($constraints->craft, static fn (Constraint $one): bool => ! $isTurned($one)));
        $kept = [...$constraints->firm, ...array_map(static fn (Constraint $one): Constraint => $one->withoutMost(), $inOrder)];
        $timed = $problem(...$kept);
        $schedule = Schedule::earliest($timed, $own);
        if ($schedule === null) {
            // The waits push apart what the painter wants close to each other: the painter's word goes first.
            return [$constraints->firm, $constraints->craft];
        }
        $broken = array_values(array_filter($constraints->craft, $isTurned));
        foreach ($inOrder as $constraint) {
            if ($constraint->most !== null) {
                $gap = $schedule->starts[$place[$constraint->to]] - $schedule->starts[$place[$constraint->from]]
                    - $timed->durations[$constraint->from];
                $gap <= $constraint->most ? $kept[] = $constraint : $broken[] = $constraint;
            }
        }

        return [$kept, $broken];
    }

    /**
     * @param  list<Constraint>  $broken
     * @return list<array{Constraint, int}> with what each costs, in milliseconds
     */
    private static function dearestFirst(array $broken, Schedule $schedule, DesignFacts $design): array
    {
        $place = array_flip($schedule->order);
        $priced = array_map(static fn (Constraint $one): array => [$one, $one->price(
            $schedule->starts[$place[$one->to]] - $schedule->starts[$place[$one->from]] - $design->durations[$one->from]->milliseconds,
            $place[$one->from] > $place[$one->to],
            $design->durations,
        )], $broken);
        usort($priced, static fn (array $one, array $other): int => $other[1] <=> $one[1]);

        return $priced;
    }

    /**
     * The same order, but for the later step of the constraint right after the earlier one.
     *
     * @param  list<int>  $order
     * @return list<int>
     */
    private static function broughtTogether(array $order, Constraint $constraint): array
    {
        $others = array_values(array_diff($order, [$constraint->to]));
        array_splice($others, (int) array_search($constraint->from, $others, true) + 1, 0, [$constraint->to]);

        return $others;
    }

    /**
     * @param  Closure(Constraint...): Problem  $problem
     * @param  list<Constraint>  $held
     * @param  list<int>  $order
     * @return array{list<Constraint>, list<int>}
     */
    private static function withWishes(DesignFacts $design, Constraints $constraints, Closure $problem, array $held, array $order): array
    {
        $picture = array_values(array_filter(
            $constraints->wished,
            static fn (Constraint $one): bool => $one->rule === Constraints::PICTURE,
        ));
        foreach ([$constraints->wished, $picture] as $wished) {
            $all = [...$held, ...self::precedence($design, $held)->takeFitting($wished)];
            $wishedOrder = self::ordering($design, $constraints, $all, $order);
            if ($wishedOrder !== null && Schedule::earliest($problem(...$all), $wishedOrder) !== null) {
                return [$all, $wishedOrder];
            }
        }

        return [$held, $order];
    }

    /**
     * The order changed only as far as the constraints and groups want it.
     *
     * @param  list<Constraint>  $held
     * @param  list<int>  $order
     * @return list<int>|null null when they close a circle
     */
    private static function ordering(DesignFacts $design, Constraints $constraints, array $held, array $order): ?array
    {
        $sorted = self::precedence($design, $held)->ordering($order);
        if ($sorted === null || $constraints->together === []) {
            return $sorted;
        }
        $groupOf = [];
        foreach ($constraints->together as $group => $members) {
            $groupOf += array_fill_keys($members, "group {$group}");
        }
        $blocks = [];
        foreach ($sorted as $step) {
            $blocks[$groupOf[$step] ?? "step {$step}"][] = $step;
        }

        return self::ofBlocks(array_values($blocks), $held);
    }

    /**
     * @param  list<non-empty-list<int>>  $blocks
     * @param  list<Constraint>  $held
     * @return list<int>|null null when what must stay together cannot
     */
    private static function ofBlocks(array $blocks, array $held): ?array
    {
        $blockOf = [];
        foreach ($blocks as $block => $steps) {
            $blockOf += array_fill_keys($steps, $block);
        }
        $precedence = new Precedence(count($blocks));
        foreach ($held as $constraint) {
            if ($blockOf[$constraint->from] !== $blockOf[$constraint->to]) {
                $precedence->take($blockOf[$constraint->from], $blockOf[$constraint->to]);
            }
        }
        $sorted = $precedence->ordering(array_keys($blocks));

        return $sorted === null ? null : array_merge(...array_map(static fn (int $block): array => $blocks[$block], $sorted));
    }

    /** @param  list<Constraint>  $constraints */
    private static function precedence(DesignFacts $design, array $constraints): Precedence
    {
        $precedence = new Precedence(count($design->steps));
        foreach ($constraints as $constraint) {
            $precedence->take($constraint->from, $constraint->to);
        }

        return $precedence;
    }
}
