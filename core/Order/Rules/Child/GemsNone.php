<?php

declare(strict_types=1);

namespace Core\Order\Rules\Child;

use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\Layer;
use Core\Order\PaintedSequence;
use Core\Order\Schools\School;

/** Some painters set no gems (common practice, no source). */
#[RuleInfo('No gems', Severity::Tip, School::GemsNone)]
final readonly class GemsNone implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach ($design->layers as $at => $layer) {
            if ($layer === Layer::Gem) {
                $says = "You set no gems, and “{$design->name($at)}” does.";
                $findings[] = Finding::of(
                    rule: $this,
                    course: $course,
                    places: [$at],
                    says: $says,
                    fix: Fix::without($design->design, [$at], 'Leave them out'),
                );
            }
        }

        return $findings;
    }
}
