<?php

declare(strict_types=1);

namespace Core\Order\Craft;

use Core\Design\Design;
use Core\Design\Technique;
use Core\Order\Circumstances;
use Core\Order\Constraint;
use Core\Order\Constraints;
use Core\Order\Defaults;
use Core\Order\PaintedSequence;
use Core\Order\Reordering;
use Core\Timeline\Timeline;
use Core\Units\Duration;

/** Small changes of a design that mend what a rule found, and break no other one. */
final readonly class Repairs
{
    private function __construct(private PaintedSequence $course, private Constraints $constraints) {}

    public static function of(PaintedSequence $course): self
    {
        return new self($course, $course->constraints);
    }

    /** The step taken to another place, if that makes the whole shorter and breaks nothing. */
    public function shorterWith(int $step, int $to): ?Reordering
    {
        $order = Fix::moved(count($this->course->preparation->steps), $step, $to);
        if (! $this->keepsOrder($order)) {
            return null;
        }
        [, $ends] = $this->timesIn($order);
        $saved = $this->course->makespan()->minus(Duration::ofMilliseconds(max([0, ...$ends])));

        return $saved->isZero() ? null : new Reordering($order, $step, $saved);
    }

    /** What another order, or other tools, save. */
    public function saving(Design $after): Duration
    {
        return $this->course->makespan()->minus($this->timed($this->timedAnew($after)));
    }

    /** The same fix, with typed seconds as they are from hand to hand once it is taken. */
    public function retimed(Fix $fix): Fix
    {
        return Fix::to($this->timedAnew($fix->design), $fix->label);
    }

    private function timedAnew(Design $after): Design
    {
        $places = array_flip(array_column($this->design()->steps, 'id'));
        $steps = [];
        $before = null;
        foreach ($after->steps as $step) {
            $change = $this->circumstances()->changeovers->between($before, $step);
            $steps[] = isset($places[$step->id]) ? $this->course->preparation->hands->retimed($places[$step->id], $step, $change) : $step;
            $before = $step->technique === Technique::Wait ? $before : $step;
        }

        return $after->withSteps($steps);
    }

    /** The later step that saves most when it is painted in front of this one. */
    public function fillerBefore(int $step): ?Reordering
    {
        $best = null;
        $last = min(count($this->course->preparation->steps) - 1, $step + Defaults::FARTHEST_MOVE);
        for ($later = $step + 1; $later <= $last; $later++) {
            $order = $this->shorterWith($later, $step);
            if ($order !== null && ($best === null || $order->saved->isLongerThan($best->saved))) {
                $best = $order;
            }
        }

        return $best;
    }

    /**
     * The nearest step that may be painted in front of this one.
     *
     * @param  callable(int): bool  $isWanted
     */
    public function somethingBefore(int $step, callable $isWanted): ?Reordering
    {
        foreach (array_keys($this->course->preparation->steps) as $other) {
            $order = Fix::moved(count($this->course->preparation->steps), $other, $other < $step ? $step - 1 : $step);
            if ($other !== $step && $isWanted($other) && $this->keepsOrder($order)) {
                return new Reordering($order, $other, Duration::zero());
            }
        }

        return null;
    }

    /** Optional steps left out, the one that adds least to the look first, until it is short enough. */
    public function leavingOut(Duration $most): ?Fix
    {
        $design = $this->course->preparation->design;
        $optional = array_keys(array_filter($design->steps, static fn ($step): bool => $step->optional));
        usort($optional, static fn (int $one, int $other): int => $design->steps[$one]->look <=> $design->steps[$other]->look);
        $out = $names = [];
        foreach ($optional as $at) {
            $out[] = $at;
            $names[] = "“{$design->steps[$at]->name}”";
            $makespan = $this->timed(Fix::without($design, $out, '')->design);
            if (! $makespan->isLongerThan($most)) {
                return Fix::without($design, $out, 'Leave out '.implode(', ', $names).": {$makespan->format()}");
            }
        }

        return null;
    }

    /** What mends a broken constraint: letting it dry, or moving one of the two next to the other. */
    public function mending(Constraint $broken): ?Fix
    {
        $gap = $this->course->gap($broken->from, $broken->to);
        $rule = Catalogue::rule($broken->rule);
        $own = $rule instanceof Mends ? $rule->mend($this->course, $broken) : null;

        return $own ?? ($gap >= 0 && $gap < $broken->least ? $this->lettingDry($broken) : $this->moving($broken));
    }

    private function lettingDry(Constraint $broken): Fix
    {
        $step = $this->course->step($broken->to);
        $wait = Duration::ofMilliseconds($broken->least - $this->course->gap($broken->from, $broken->to));

        return Fix::changing(
            $this->design(),
            $broken->to,
            $step->withDryFor(Duration::ofMilliseconds($broken->least)),
            "Let it dry: {$wait->format()} more",
        );
    }

    /**
     * The move that leaves least broken, of the later one forward and of the earlier one back.
     *
     * @param  bool  $breakingNothing  whether it must leave no other constraint broken that was kept before
     */
    public function moving(Constraint $broken, bool $breakingNothing = false): ?Fix
    {
        $count = count($this->course->preparation->steps);
        [$from, $to] = [$broken->from, $broken->to];
        $after = Fix::moved($count, $to, $to > $from ? $from + 1 : $from);
        $before = Fix::moved($count, $from, $from > $to ? $to : $to - 1);
        $now = $this->brokenIn(range(0, $count - 1));
        $least = count($now);
        $fix = null;
        foreach ([[$after, $to, $from, 'right after'], [$before, $from, $to, 'right before']] as [$order, $moved, $other, $where]) {
            $then = $this->brokenIn($order);
            if (count($then) < $least && (! $breakingNothing || array_diff($then, $now) === [])) {
                $least = count($then);
                $name = $this->course->preparation->name(...);
                $fix = Fix::inOrder($this->design(), $order, "Paint “{$name($moved)}” {$where} “{$name($other)}”");
            }
        }

        return $fix;
    }

    /**
     * @param  list<int>  $order
     * @return list<int> which constraints that order breaks
     */
    private function brokenIn(array $order): array
    {
        [$starts, $ends] = $this->timesIn($order);
        $broken = [];
        foreach ($this->constraints->all as $at => $constraint) {
            $gap = $starts[$constraint->to] - $ends[$constraint->from];
            if ($constraint->isBrokenBy($gap, false)) {
                $broken[] = $at;
            }
        }

        return $broken;
    }

    /**
     * When each step is painted in another order, from hand to hand and with the drying that was typed.
     *
     * @param  list<int>  $order
     * @return array{array<int, int>, array<int, int>} starts and ends in milliseconds, by place in the design
     */
    private function timesIn(array $order): array
    {
        $design = $this->course->preparation;
        $starts = $ends = [];
        $now = 0;
        $before = null;
        foreach ($order as $at) {
            $step = $design->steps[$at];
            $now += $design->hands->change($at, $this->circumstances()->changeovers->between($before, $step))->milliseconds;
            foreach ($step->dryFor->isZero() ? [] : $ends as $below => $end) {
                $now = $design->touch($below, $at) ? max($now, $end + $step->dryFor->milliseconds) : $now;
            }
            $starts[$at] = $now;
            $ends[$at] = $now += $design->durations[$at]->milliseconds;
            $before = $step->technique === Technique::Wait ? $before : $step;
        }

        return [$starts, $ends];
    }

    /** @param  list<int>  $order */
    private function keepsOrder(array $order): bool
    {
        $place = array_flip($order);
        foreach ($this->constraints->all as $constraint) {
            if ($place[$constraint->from] > $place[$constraint->to] && $constraint->from < $constraint->to) {
                return false;
            }
        }

        return true;
    }

    private function timed(Design $design): Duration
    {
        return Timeline::of($design->steps, $this->circumstances()->changeovers, $this->circumstances()->times)->makespan();
    }

    private function design(): Design
    {
        return $this->course->preparation->design;
    }

    private function circumstances(): Circumstances
    {
        return $this->course->preparation->circumstances;
    }
}
