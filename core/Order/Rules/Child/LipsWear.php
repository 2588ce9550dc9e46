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

/** Lips last or not at all (common practice, no source). */
#[RuleInfo('Lip paint wears off', Severity::Tip, School::LipsPainted)]
final readonly class LipsWear implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach ($design->steps as $at => $step) {
            if ($step->paintsLips() && ! $step->optional) {
                $says = "“{$step->name}” smears with the first drink, and many children dislike paint on their lips.";
                $findings[] = Finding::of(
                    rule: $this,
                    course: $course,
                    places: [$at],
                    says: $says,
                    fix: Fix::changing($design->design, $at, $step->asOptional(), 'Make it optional'),
                );
            }
        }

        return $findings;
    }
}
