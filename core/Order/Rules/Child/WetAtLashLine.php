<?php

declare(strict_types=1);

namespace Core\Order\Rules\Child;

use Core\Design\Medium;
use Core\Design\Place\Zone;
use Core\Order\Course;
use Core\Order\Craft\Card;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasCard;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\Severity;

/** Usual caution; local codes and licensed practice come first. */
#[Card('Wet paint at the lash line', Severity::Stop)]
final readonly class WetAtLashLine implements LooksAtFace
{
    use HasCard;

    public function findings(Course $course): array
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
