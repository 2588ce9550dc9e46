<?php

declare(strict_types=1);

namespace Core\Timeline;

use Core\Design\Step;
use Core\Design\Technique;
use Core\Units\Duration;

/**
 * What the hands do in each of a design's steps: change the tool, then paint. Typed seconds hold both, so the sum of what was
 * typed is the design's time; another order is reckoned from there. Steps are named by their place.
 */
final readonly class HandTimes
{
    /**
     * @param  list<StepTime>  $painting  of the time on the skin alone, and what it rests on
     * @param  list<Duration>  $planned  on the skin, as typed or by the work in it
     * @param  list<Duration|null>  $most  the longest tool change that typed seconds have room for; null where none were typed
     */
    private function __construct(public array $painting, public array $planned, private array $most) {}

    /** @param  list<Step>  $steps  in the order in which they were typed and timed */
    public static function of(array $steps, ChangeoverMatrix $changeovers, StepTimes $times): self
    {
        $pairs = [];
        $before = null;
        foreach ($steps as $step) {
            $pairs[] = [$before, $step];
            // The tool stays in the hand while one waits.
            $before = $step->technique === Technique::Wait ? $before : $step;
        }

        return self::after($pairs, $changeovers, $times);
    }

    /** @param  list<array{Step|null, Step}>  $pairs  each step with the one in front of it when it was typed and timed */
    public static function after(array $pairs, ChangeoverMatrix $changeovers, StepTimes $times): self
    {
        $painting = $planned = $most = [];
        foreach ($pairs as [$before, $step]) {
            $onSkin = self::onSkin($before, $step, $changeovers, $times);
            $time = $times->of($step);
            $planned[] = $onSkin;
            $painting[] = $time->source === TimeSource::Typed ? $time->lasting($onSkin) : $time;
            $most[] = $times->holdToolChange($step) ? self::room($onSkin, $times->planned($step)->duration) : null;
        }

        return new self($painting, $planned, $most);
    }

    /** Two thirds of the seconds, for the time on the skin is never under one. */
    private static function room(Duration $onSkin, Duration $typed): Duration
    {
        return self::third($typed)->milliseconds === $onSkin->milliseconds ? $typed->minus($onSkin) : $onSkin->times(2);
    }

    private static function third(Duration $typed): Duration
    {
        return Duration::ofMilliseconds(intdiv($typed->milliseconds + 2, 3));
    }

    /** @param  list<int>  $places  of those wanted */
    public function only(array $places): self
    {
        return new self(
            array_map(fn (int $at): StepTime => $this->painting[$at], $places),
            array_map(fn (int $at): Duration => $this->planned[$at], $places),
            array_map(fn (int $at): ?Duration => $this->most[$at], $places),
        );
    }

    /**
     * The time on the skin of a step as planned: of typed seconds what is left after the usual tool change, never under a third.
     * A third, since a painter who typed ten seconds has painted in some of them (team's estimate).
     */
    public static function onSkin(?Step $before, Step $step, ChangeoverMatrix $changeovers, StepTimes $times): Duration
    {
        $typed = $times->planned($step)->duration;
        if (! $times->holdToolChange($step)) {
            return $typed;
        }
        $left = $typed->minus($changeovers->typed()->between($before, $step));
        $third = self::third($typed);

        return $left->isLongerThan($third) ? $left : $third;
    }

    /** The change of tool in front of a step: the usual one, as far as its typed seconds have room for it. */
    public function change(int $at, Duration $usual): Duration
    {
        $most = $this->most[$at];

        return $most !== null && $usual->isLongerThan($most) ? $most : $usual;
    }

    /** The step as it would be typed where its tool change is another one; as it stands where its time is not typed. */
    public function retimed(int $at, Step $step, Duration $usual): Step
    {
        return $this->most[$at] === null || $this->painting[$at]->source !== TimeSource::Typed
            ? $step
            : $step->withTime($this->painting[$at]->duration->plus($this->change($at, $usual)));
    }
}
