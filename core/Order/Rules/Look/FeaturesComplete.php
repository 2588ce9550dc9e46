<?php

declare(strict_types=1);

namespace Core\Order\Rules\Look;

use Core\Design\Place\Placement;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\DesignFacts;
use Core\Order\PaintedSequence;

/** Features first, so that none is forgotten (common practice, no source). */
#[RuleInfo('Features on both sides', Severity::Warn)]
final readonly class FeaturesComplete implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        if (! in_array($design->design->placement, [Placement::FullFace, Placement::Mask], true)) {
            return [];
        }
        foreach ($design->steps as $at => $step) {
            if ($step->side->isOneSided() && $this->isOfFeatures($step) && ! $this->hasTwin($design, $at)) {
                $other = $step->side === Side::Left ? 'right' : 'left';
                $says = "“{$step->name}” is on the {$step->side->value} only, and nothing like it on the {$other}: a face "
                    .'looks unfinished so.';
                $findings[] = Finding::of(
                    rule: $this,
                    course: $course,
                    places: [$at],
                    says: $says,
                    fix: Fix::changing($design->design, $at, $step->withSide(Side::Both), 'Paint it on both sides'),
                );
            }
        }

        return $findings;
    }

    /** Eyes, brows, mouth, ears: a motif on one cheek is whole as it is. */
    private function isOfFeatures(Step $step): bool
    {
        $others = array_filter(
            $step->zones,
            static fn (Zone $zone): bool => ! $zone->isFeature() && $zone !== Zone::Brow && $zone !== Zone::Ear,
        );

        return $step->zones !== [] && $others === [] && $step->mark->shape === null && ! $step->technique->covers();
    }

    private function hasTwin(DesignFacts $design, int $at): bool
    {
        $step = $design->steps[$at];
        foreach ($design->steps as $other) {
            if ($other->side === $step->side->opposite() && array_intersect(
                array_column($other->zones, 'value'),
                array_column($step->zones, 'value'),
            ) !== []) {
                return true;
            }
        }

        return false;
    }
}
