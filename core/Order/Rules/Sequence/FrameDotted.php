<?php

declare(strict_types=1);

namespace Core\Order\Rules\Sequence;

use Core\Design\Alternative;
use Core\Design\Place\Zone;
use Core\Design\Technique;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\PaintedSequence;
use Core\Order\Schools\School;

/** Muzzle or frame line: outlined or only dotted, painters differ (common practice, no source). */
#[RuleInfo('Frame dotted, not outlined', Severity::Tip, School::FrameDotted)]
final readonly class FrameDotted implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach ($design->steps as $at => $step) {
            $frames = array_filter(
                $step->zones,
                static fn (Zone $zone): bool => $zone === Zone::Muzzle || $zone === Zone::Jaw || $zone === Zone::Hairline,
            ) !== [];
            if ($frames && $step->technique === Technique::Outline) {
                $dotted = $step->painted(new Alternative($step->medium, Technique::Dots, $step->tool, null));
                $saved = $course->preparation->durations[$at]->minus($design->circumstances->times->of($dotted)->duration);
                $says = "“{$step->name}” outlines the frame. You dot it instead"
                    .($saved->isZero() ? '.' : ", which saves {$saved->format()}.");
                $findings[] = Finding::of(
                    rule: $this,
                    course: $course,
                    places: [$at],
                    says: $says,
                    fix: Fix::changing($design->design, $at, $dotted, 'Dots only'),
                );
            }
        }

        return $findings;
    }
}
