<?php

declare(strict_types=1);

namespace Core\Order\Rules\Wet;

use Core\Colour\Load;
use Core\Design\Technique;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\PaintedSequence;

/** Thick wet stripes re-wet the white below and turn pink (common practice, no source). */
#[RuleInfo('Strong over pale only thin', Severity::Warn)]
final readonly class StrongOverPaleThin implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach ($design->steps as $at => $step) {
            $film = $course->below[$at];
            // For dots nearly liquid paint is right, and a drop wets nothing below.
            if ($film !== null && $step->load === Load::Liquid && $step->technique !== Technique::Dots && $design->isStrong($at)
                && $design->isPale($film)
                && $design->films[$film] !== null) {
                $says = "“{$step->name}” is laid nearly liquid over pale “{$course->step($film)->name}”: so much water wets "
                    ."the pale paint again, and the colour turns {$design->turned($at, $film)}.";
                $findings[] = Finding::of(
                    rule: $this,
                    course: $course,
                    places: [$at, $film],
                    says: $says,
                    fix: Fix::changing($design->design, $at, $step->withLoad(Load::Damp), 'Lay it damp and thin'),
                );
            }
        }

        return $findings;
    }
}
