<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Design\Medium;
use Core\Design\Zone;
use Core\Order\Course;
use Core\Order\Finding;
use Core\Order\Fix;
use Core\Order\LooksAtFace;
use Core\Order\Severity;

/** Usual caution; local codes and licensed practice come first. */
final readonly class WetAtLashLine implements LooksAtFace
{
    public function id(): string
    {
        return 'wet-at-lash-line';
    }

    public function title(): string
    {
        return 'Wet paint at the lash line';
    }

    public function severity(): Severity
    {
        return Severity::Stop;
    }

    public function school(): null
    {
        return null;
    }

    public function findings(Course $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach ($design->steps as $at => $step) {
            $isNear = in_array(Zone::Eyelid, $step->zones, true) && $step->medium->isPaintedOn() && $step->medium !== Medium::Powder;
            if ($isNear && ! $step->keepsEyesShut()) {
                $says = "“{$step->name}” lays wet paint at the lash line with the eye open. Powder there, or the eyes shut, with a dry tissue on the lid so that the child may open them sooner.";
                $findings[] = Finding::of($this, $course, [$at], $says, Fix::changing($design->design, $at, $step->withEyesShut(), 'Eyes shut for it'));
            }
        }

        return $findings;
    }
}
