<?php

declare(strict_types=1);

namespace Core\Order\Rules\Child;

use Core\Order\Craft\Finding;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\Repairs;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\PaintedSequence;

/** The child’s patience ends the face, not the painter’s. */
#[RuleInfo('Still too long for this child', Severity::Warn)]
final readonly class StillTooLong implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
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
