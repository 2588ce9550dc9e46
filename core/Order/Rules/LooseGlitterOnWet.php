<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Design\Technique;
use Core\Order\Constraint;
use Core\Order\Course;
use Core\Order\Fix;
use Core\Order\Gel;
use Core\Order\Layer;
use Core\Order\Mends;
use Core\Order\Preparation;
use Core\Order\Repairs;
use Core\Order\School;
use Core\Order\Severity;

/** Loose glitter sticks only to wet paint (common practice, no source). */
final readonly class LooseGlitterOnWet implements Mends
{
    public function id(): string
    {
        return 'loose-glitter-on-wet';
    }

    public function title(): string
    {
        return 'Loose glitter in the wet window';
    }

    public function severity(): Severity
    {
        return Severity::Warn;
    }

    public function school(): School
    {
        return School::GlitterOnWetBase;
    }

    public function constraints(Preparation $design): array
    {
        $constraints = [];
        foreach ($design->steps as $at => $step) {
            $base = $step->technique === Technique::LooseGlitter ? $this->hold($design, $at) : null;
            if ($base !== null) {
                $wet = $design->tackyAfter($base);
                $why = "Loose glitter sticks to wet paint only: “{$step->name}” holds on “{$design->name($base)}” for {$wet->format()} after it was laid.";
                $constraints[] = Constraint::of($this, $base, $at, $why, 0, $wet->milliseconds);
            }
        }

        return $constraints;
    }

    /** Right after its base where that breaks nothing; else in gel. */
    public function mend(Course $course, Constraint $broken): Fix
    {
        return Repairs::of($course)->moving($broken, true) ?? Gel::insteadOf($course->preparation, $broken->to);
    }

    /** What it is to stick to: the base it was typed after, else the next one that comes. */
    private function hold(Preparation $design, int $glitter): ?int
    {
        $under = $design->baseUnder($glitter);
        foreach ($under === null ? $design->layers : [] as $at => $layer) {
            if ($layer === Layer::Base && $design->films[$at] !== null && $design->touch($at, $glitter)) {
                return $at;
            }
        }

        return $under;
    }
}
