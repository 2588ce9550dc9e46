<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Order\Card;
use Core\Order\Course;
use Core\Order\Finding;
use Core\Order\HasCard;
use Core\Order\LooksAtFace;
use Core\Order\Repairs;
use Core\Order\Severity;

/** The child’s patience ends the face, not the painter’s. */
#[Card('Still too long for this child', Severity::Warn)]
final readonly class StillTooLong implements LooksAtFace
{
    use HasCard;

    public function findings(Course $course): array
    {
        $findings = [];
        $design = $course->preparation;
        $still = $design->design->audience->sitsStillFor;
        if ($still !== null && $course->makespan()->isLongerThan($still)) {
            $says = "{$design->design->name} takes {$course->makespan()->format()}; a child who sits still for "
                ."{$still->format()} will not last it.";
            $findings[] = Finding::of(rule: $this, course: $course, places: [], says: $says, fix: Repairs::of($course)->leavingOut($still));
        }

        return $findings;
    }
}
