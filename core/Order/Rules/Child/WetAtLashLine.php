<?php

declare(strict_types=1);

namespace Core\Order\Rules\Child;

use Core\Design\Medium;
use Core\Design\Place\Zone;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\PaintedSequence;

/** Usual caution; local codes and licensed practice come first. */
#[RuleInfo('Wet paint at the lash line', Severity::Stop)]
final readonly class WetAtLashLine implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach ($design->steps as $at => $step) {
            $isNear = in_array(Zone::Eyelid, $step->zones, true) && $step->medium->isPaintedOn() && $step->medium !== Medium::Powder;
            if ($isNear && ! $step->keepsEyesShut()) {
                $says = "“{$step->name}” lays wet paint at the lash line with the eye open. Powder there, or the eyes shut, "
                    .'with a dry tissue on the lid so that the child may open them sooner.';
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
