<?php

declare(strict_types=1);

namespace Core\Design;

use Core\Design\Place\Zone;

/** Fits a design to the person in the chair: how many strokes, where, in which order. */
final readonly class Fitting
{
    /**
     * @param  list<Step>  $steps
     * @param  list<string>  $changes  what was changed and why, in words
     */
    private function __construct(public array $steps, public array $changes) {}

    public static function of(Design $design, Person $person): self
    {
        return (new self($design->steps, []))->small($person)->bearded($person)->touchSensitive($person);
    }

    /** Fewer, not smaller (common practice, no source: four petals a side on a small face instead of five). */
    private function small(Person $person): self
    {
        if ($person->size !== FaceSize::Small) {
            return $this;
        }
        $changes = $this->changes;
        $steps = [];
        foreach ($this->steps as $step) {
            $fewer = self::countOnSmallFace($step);
            $steps[] = $fewer === null ? $step : self::fewer($step, $fewer);
            if ($fewer !== null) {
                $changes[] = "{$step->name}: {$fewer} instead of {$step->count} a side. Fewer, not smaller.";
            }
        }

        return new self($steps, $changes);
    }

    private static function countOnSmallFace(Step $step): ?int
    {
        $fewer = match (true) {
            $step->count === null => null,
            $step->smallCount !== null => $step->smallCount,
            $step->count >= Defaults::FEWER_FROM => $step->count - 1,
            default => null,
        };

        return $fewer === $step->count ? null : $fewer;
    }

    /** A typed time shrinks with the strokes. */
    private static function fewer(Step $step, int $count): Step
    {
        $fewer = $step->withCount($count);

        return $step->time === null ? $fewer : $fewer->withTime($step->time->times($count / max(1, (int) $step->count)));
    }

    /** Paint does not hold on a beard: what lies there is left out (common practice, no source: a mask instead of a full face). */
    private function bearded(Person $person): self
    {
        if (! $person->hasBeard) {
            return $this;
        }
        $changes = $this->changes;
        $steps = [];
        foreach ($this->steps as $step) {
            $free = array_values(array_filter($step->zones, static fn (Zone $zone): bool => ! $zone->isBearded()));
            if ($step->zones !== [] && $free === []) {
                $changes[] = "{$step->name} is left out: it lies in the beard.";

                continue;
            }
            $steps[] = count($free) === count($step->zones) ? $step : $step->withZones($free);
            if (count($free) !== count($step->zones)) {
                $changes[] = "{$step->name} stays clear of the beard.";
            }
        }

        return new self($steps, $changes);
    }

    /**
     * Lids and lips come last, as far as what lies over them lets them (common practice, no source: nose, then under the
     * eyes, lids last).
     */
    private function touchSensitive(Person $person): self
    {
        if (! $person->dislikesTouch) {
            return $this;
        }
        $steps = $this->steps;
        $moved = [];
        for ($at = count($steps) - 2; $at >= 0; $at--) {
            for ($here = $at; self::mayGoLater($steps, $here); $here++) {
                $moved[$steps[$here]->id] = $steps[$here]->name;
                [$steps[$here], $steps[$here + 1]] = [$steps[$here + 1], $steps[$here]];
            }
        }
        $changes = array_map(static fn (string $name): string => "{$name} comes later: eyes and lips last.", array_values($moved));

        return new self(array_values($steps), [...$this->changes, ...$changes]);
    }

    /** @param  array<int, Step>  $steps */
    private static function mayGoLater(array $steps, int $at): bool
    {
        $next = $steps[$at + 1] ?? null;

        return $next !== null && self::isTender($steps[$at]) && ! self::isTender($next) && ! $steps[$at]->touches($next)
            && $next->technique !== Technique::Wait;
    }

    private static function isTender(Step $step): bool
    {
        $tender = [Zone::Eyelid, Zone::EyeSocket, Zone::UpperLip, Zone::Lips, Zone::LowerLip];

        return $step->shut !== null || array_intersect(array_column($step->zones, 'value'), array_column($tender, 'value')) !== [];
    }
}
