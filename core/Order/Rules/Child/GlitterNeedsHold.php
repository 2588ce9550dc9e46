<?php

declare(strict_types=1);

namespace Core\Order\Rules\Child;

use Core\Design\Technique;
use Core\Order\Craft\Finding;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\Gel;
use Core\Order\PaintedSequence;
use Core\Order\Schools\School;
use Core\Surface\Wetness;

/** Those who put glitter on last carry it in gel or on a damp finger (common practice, no source). */
#[RuleInfo('Gel where the base is dry', Severity::Warn, School::GlitterLast)]
final readonly class GlitterNeedsHold implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach ($design->steps as $at => $step) {
            if ($step->technique !== Technique::LooseGlitter || $this->isHeld($course, $at)) {
                continue;
            }
            $film = $course->below[$at];
            $ground = $film === null
                ? 'bare skin'
                : "“{$course->step($film)->name}”, which is {$course->wetness($film, $at)->value} by then";
            $findings[] = Finding::of(
                rule: $this,
                course: $course,
                places: [$at],
                says: "Nothing holds loose glitter here: “{$step->name}” goes on {$ground}. Gel holds on dry paint.",
                fix: Gel::insteadOf($design, $at),
            );
        }

        return $findings;
    }

    /** Until they are dry, strokes and stencils hold it as well as bases. */
    private function isHeld(PaintedSequence $course, int $glitter): bool
    {
        for ($film = 0; $film < $glitter; $film++) {
            if ($course->preparation->touch($film, $glitter) && $course->wetness($film, $glitter) !== Wetness::Dry) {
                return true;
            }
        }

        return false;
    }
}
