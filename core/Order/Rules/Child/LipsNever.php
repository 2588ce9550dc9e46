<?php

declare(strict_types=1);

namespace Core\Order\Rules\Child;

use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\PaintedSequence;
use Core\Order\Schools\School;

/** Some painters never paint children’s lips (common practice, no source). */
#[RuleInfo('No paint on lips', Severity::Warn, School::LipsNever)]
final readonly class LipsNever implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach ($design->steps as $at => $step) {
            if ($step->paintsLips()) {
                $says = "You never paint children’s lips, and “{$step->name}” does.";
                $findings[] = Finding::of(
                    rule: $this,
                    course: $course,
                    places: [$at],
                    says: $says,
                    fix: Fix::without($design->design, [$at], 'Leave it out'),
                );
            }
        }

        return $findings;
    }
}
