<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Order\Course;
use Core\Order\Finding;
use Core\Order\Fix;
use Core\Order\LooksAtFace;
use Core\Order\School;
use Core\Order\Severity;

/** Lips last or not at all (common practice, no source). */
final readonly class LipsWear implements LooksAtFace
{
    public function id(): string
    {
        return 'lips-wear';
    }

    public function title(): string
    {
        return 'Lips wear';
    }

    public function severity(): Severity
    {
        return Severity::Tip;
    }

    public function school(): School
    {
        return School::LipsPainted;
    }

    public function findings(Course $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach ($design->steps as $at => $step) {
            if ($step->paintsLips() && ! $step->optional) {
                $says = "“{$step->name}” smears with the first drink, and many children dislike paint on their lips.";
                $findings[] = Finding::of($this, $course, [$at], $says, Fix::changing($design->design, $at, $step->asOptional(), 'Make it optional'));
            }
        }

        return $findings;
    }
}
