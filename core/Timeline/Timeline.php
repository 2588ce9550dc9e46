<?php

declare(strict_types=1);

namespace Core\Timeline;

use Core\Design\Step;
use Core\Design\Technique;
use Core\Units\Duration;

/** A design's steps in time, in their given order: gapless spans from nothing to the makespan. */
final readonly class Timeline
{
    /**
     * @param  list<Span>  $spans in order of time, without gaps or overlaps
     * @param  list<StepTime>  $painting  of the time on the skin alone, and what it rests on; by step
     */
    private function __construct(public array $spans, public array $painting) {}

    /**
     * Lays the steps end to end. Changing the tool runs while paint dries, so a step starts at the later of "tool in
     * hand" and "dry enough below"; only what is left of the drying is stood through.
     *
     * @param  list<Step>  $steps
     * @param  HandTimes|null  $hands  as reckoned with other tools; those of these ones where it is left out
     */
    public static function of(array $steps, ChangeoverMatrix $changeovers, StepTimes $times, ?HandTimes $hands = null): self
    {
        $spans = [];
        $now = Duration::zero();
        $laid = [];
        $before = null;
        $hands ??= HandTimes::of($steps, $changeovers, $times);
        foreach ($steps as $at => $step) {
            $lengths = [
                [SpanKind::Changeover, $hands->change($at, $changeovers->between($before, $step))],
                [SpanKind::Drying, null],
                [SpanKind::Painting, $hands->painting[$at]->duration],
            ];
            foreach ($lengths as [$kind, $length]) {
                $length ??= self::leftToDry($step, $laid, $now);
                if ($length->isZero()) {
                    continue;
                }
                $spans[] = new Span($kind, $step, $now, $length);
                $now = $now->plus($length);
            }
            $laid[] = [$step, $now];
            // The tool stays in the hand while one waits.
            $before = $step->technique === Technique::Wait ? $before : $step;
        }

        return new self($spans, $hands->painting);
    }

    /** From the first touch to the last. */
    public function makespan(): Duration
    {
        $last = $this->spans[count($this->spans) - 1] ?? null;

        return $last?->end() ?? Duration::zero();
    }

    public function total(SpanKind $kind): Duration
    {
        return array_reduce(
            $this->spans,
            static fn (Duration $sum, Span $span): Duration => $span->kind === $kind ? $sum->plus($span->length) : $sum,
            Duration::zero(),
        );
    }

    /**
     * Minutes of each step from the end of the step before it to its own end, so with the changeover and the wait that
     * lead up to it: what lies between two taps of the painter.
     *
     * @return array<string, Duration> by step id, in painting order
     */
    public function tapToTap(): array
    {
        $times = [];
        foreach ($this->spans as $span) {
            $times[$span->step->id] = ($times[$span->step->id] ?? Duration::zero())->plus($span->length);
        }

        return $times;
    }

    /** @param  list<array{Step, Duration}>  $laid each step painted so far, with when it ended */
    private static function leftToDry(Step $step, array $laid, Duration $now): Duration
    {
        if ($step->dryFor->isZero()) {
            return Duration::zero();
        }
        $left = Duration::zero();
        foreach ($laid as [$below, $end]) {
            $wait = $end->plus($step->dryFor)->minus($now);
            $left = $below->touches($step) && $wait->isLongerThan($left) ? $wait : $left;
        }

        return $left;
    }
}
