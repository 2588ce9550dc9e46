<?php

declare(strict_types=1);

namespace Core\Order\Rules\Look;

use Core\Colour\Lab;
use Core\Colour\LinearRgb;
use Core\Design\Colour;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\Defaults;
use Core\Order\PaintedSequence;
use Core\Order\Schools\School;
use Core\Order\SeenColour;

/** Highlights white, or a lighter colour of the base: painters differ (common practice, no source). */
#[RuleInfo('Highlights in a lighter colour', Severity::Tip, School::HighlightsLighter)]
final readonly class HighlightsLighter implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach ($design->steps as $at => $step) {
            $isWhite = count($step->colours) === 1 && $step->colours[0]->luminance() > Colour::NEARLY_WHITE;
            $grounds = $course->sightings[$at][0]->grounds ?? [];
            if ($grounds !== [] && $isWhite && $design->isHighlight($at)) {
                $says = "“{$step->name}” is white. You set highlights in a lighter colour of the base.";
                $findings[] = Finding::of(
                    rule: $this,
                    course: $course,
                    places: [$at],
                    says: $says,
                    fix: $this->fix($course, $at, SeenColour::mean(...$grounds)),
                );
            }
        }

        return $findings;
    }

    /** The kit’s paint nearest in hue to the ground among those that are clearly lighter. */
    private function fix(PaintedSequence $course, int $at, LinearRgb $ground): ?Fix
    {
        $below = Lab::of($ground);
        $best = null;
        $least = INF;
        foreach ($course->preparation->circumstances->kit->colours() as $colour) {
            $lab = Lab::ofHex($colour->hex);
            $apart = hypot($lab->a - $below->a, $lab->b - $below->b);
            if ($lab->lightness > $below->lightness + Defaults::LIGHTER_BY && $colour->luminance() <= Colour::NEARLY_WHITE
                && $apart < $least) {
                [$best, $least] = [$colour, $apart];
            }
        }

        return $best === null ? null : Fix::changing(
            $course->preparation->design,
            $at,
            $course->step($at)->withColours([$best]),
            "Use {$best->name}",
        );
    }
}
