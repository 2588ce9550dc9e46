<?php

declare(strict_types=1);

namespace Core\Order\Rules\Wet;

use Core\Colour\Blend;
use Core\Colour\Lab;
use Core\Colour\Paint;
use Core\Colour\Word;
use Core\Design\Medium;
use Core\Design\Technique;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\Defaults;
use Core\Order\PaintedSequence;

/** Dark pulled into light muddies the light one (common practice, no source). */
#[RuleInfo('Blend light into dark', Severity::Tip)]
final readonly class BlendLightIntoDark implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach ($design->steps as $at => $step) {
            if ($step->technique !== Technique::Blend || $step->medium !== Medium::Brush || count($step->colours) !== 2) {
                continue;
            }
            [$first, $second] = [$design->paint($at), $design->paint($at, 1)];
            if ($this->lightness($first) < $this->lightness($second) - Defaults::LIGHTER_BY) {
                $muddied = Word::of(Blend::pulledInto($first, $second));
                $says = "“{$step->name}” pulls the dark colour into the light one, which turns {$muddied}. Light pulled "
                    .'outward into dark stays clean.';
                $findings[] = Finding::of(
                    rule: $this,
                    course: $course,
                    places: [$at],
                    says: $says,
                    fix: Fix::changing(
                        $design->design,
                        $at,
                        $step->withColours(array_reverse($step->colours)),
                        'Begin with the light colour',
                    ),
                );
            }
        }

        return $findings;
    }

    private function lightness(Paint $paint): float
    {
        return Lab::of($paint->thick())->lightness;
    }
}
