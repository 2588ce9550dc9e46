<?php

declare(strict_types=1);

namespace Core\Order\Rules\Look;

use Core\Design\Alternative;
use Core\Design\Medium;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\PaintedSequence;
use Core\Order\Schools\School;

/** Texture by stencil, or freehand dots for speed: painters differ (common practice, no source). */
#[RuleInfo('Texture freehand', Severity::Tip, School::TextureFreehand)]
final readonly class TextureFreehand implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach ($design->steps as $at => $step) {
            $way = $step->medium === Medium::Stencil ? $this->freehand($step) : null;
            if ($way !== null) {
                $dotted = $step->painted($way);
                $saved = $course->makespan()->minus(PaintedSequence::of(
                    Fix::changing($design->design, $at, $dotted, '')->design,
                    $design->circumstances,
                )->makespan());
                $says = "“{$step->name}” uses a stencil. You "
                    .'dot textures freehand'.($saved->isZero()
                        ? ', though here it takes no less time.'
                        : ", which saves {$saved->format()}.");
                $findings[] = Finding::of(
                    rule: $this,
                    course: $course,
                    places: [$at],
                    says: $says,
                    fix: Fix::changing($design->design, $at, $dotted, 'Dot it freehand'),
                );
            }
        }

        return $findings;
    }

    private function freehand(Step $step): Alternative
    {
        foreach ($step->alternatives as $way) {
            if ($way->medium === Medium::Brush) {
                return $way;
            }
        }

        return new Alternative(Medium::Brush, Technique::Dots, 'round 3', null);
    }
}
