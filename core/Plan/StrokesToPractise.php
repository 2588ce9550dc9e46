<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\Design\Step;
use Core\Design\StepValues;
use Core\Design\Technique;
use Core\Pace\Drill;
use Core\Pace\Pace;
use Core\Timeline\StepTimes;

/** The strokes of a design as a list to drill: each of them once, the weakest first. */
final readonly class StrokesToPractise
{
    private function __construct() {}

    /**
     * Weak is what takes long against what such work usually takes; what nobody has timed yet stands as usual, the longer before
     * the shorter. Of steps that are the same stroke with the same tool the weakest stands for all.
     *
     * @param  list<Step>  $steps
     * @param  array<string, Pace>  $paces  by way
     * @return list<WeakStroke>
     */
    public static function of(array $steps, array $paces, StepTimes $times): array
    {
        $strokes = [];
        foreach ($steps as $step) {
            if ($step->technique->needsNoZone()) {
                continue;
            }
            $usual = $times->planned($step)->duration;
            $pace = $paces[StepValues::way($step)] ?? null;
            $strokes[] = new WeakStroke(
                step: $step,
                drill: self::drill($step->technique),
                usual: $usual,
                share: $pace === null || $usual->isZero() ? null : $pace->middle()->milliseconds / $usual->milliseconds,
            );
        }
        usort($strokes, self::weaker(...));
        $listed = [];
        foreach ($strokes as $stroke) {
            $listed["{$stroke->step->technique->value} {$stroke->step->tool}"] ??= $stroke;
        }

        return array_values($listed);
    }

    private static function weaker(WeakStroke $one, WeakStroke $other): int
    {
        return [$other->share ?? 1.0, $other->usual->milliseconds] <=> [$one->share ?? 1.0, $one->usual->milliseconds];
    }

    /** The drill that is nothing but this stroke; null where there is none. */
    private static function drill(Technique $technique): ?Drill
    {
        foreach (Drill::cases() as $drill) {
            if ($drill->technique() === $technique) {
                return $drill;
            }
        }

        return null;
    }
}
