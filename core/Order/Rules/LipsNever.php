<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Order\Course;
use Core\Order\Finding;
use Core\Order\Fix;
use Core\Order\LooksAtFace;
use Core\Order\School;
use Core\Order\Severity;

/** Some painters never paint children’s lips (common practice, no source). */
final readonly class LipsNever implements LooksAtFace
{
    public function id(): string
    {
        return 'lips-never';
    }

    public function title(): string
    {
        return 'No paint on lips';
    }

    public function severity(): Severity
    {
        return Severity::Warn;
    }

    public function school(): School
    {
        return School::LipsNever;
    }

    public function findings(Course $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach ($design->steps as $at => $step) {
            if ($step->paintsLips()) {
                $says = "You never paint children’s lips, and “{$step->name}” does.";
                $findings[] = Finding::of($this, $course, [$at], $says, Fix::without($design->design, [$at], 'Leave it out'));
            }
        }

        return $findings;
    }
}
