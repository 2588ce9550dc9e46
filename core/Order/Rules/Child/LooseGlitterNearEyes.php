<?php

declare(strict_types=1);

namespace Core\Order\Rules\Child;

use Core\Design\Place\Zone;
use Core\Design\Technique;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\PaintedSequence;

/** Usual caution; local codes and licensed practice come first. */
#[RuleInfo('Eyes shut for loose glitter', Severity::Stop)]
final readonly class LooseGlitterNearEyes implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach ($design->steps as $at => $step) {
            $nearEyes = array_filter($step->zones, static fn (Zone $zone): bool => $zone->isEye()) !== [];
            if ($nearEyes && $step->technique === Technique::LooseGlitter && ! $step->keepsEyesShut()) {
                $says = "“{$step->name}” is loose glitter near the eyes: eyes shut first, and for a while after. Never blow it.";
                $findings[] = Finding::of(
                    rule: $this,
                    course: $course,
                    places: [$at],
                    says: $says,
                    fix: Fix::changing($design->design, $at, $step->withEyesShut(), 'Eyes shut for it'),
                );
            }
        }

        return $findings;
    }
}
