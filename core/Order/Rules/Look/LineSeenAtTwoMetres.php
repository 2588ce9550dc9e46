<?php

declare(strict_types=1);

namespace Core\Order\Rules\Look;

use Core\Colour\Difference;
use Core\Colour\Lab;
use Core\Colour\LinearRgb;
use Core\Colour\Word;
use Core\Design\Colour;
use Core\Design\Technique;
use Core\Order\Craft\Evidence;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\PaintedSequence;
use Core\Order\Schools\TradeNumber;
use Core\Order\SeenColour;

/** Parents look from two metres: a line must differ enough from its ground (CIEDE2000; the threshold is the team’s estimate). */
#[RuleInfo('Line seen from two metres', Severity::Warn)]
final readonly class LineSeenAtTwoMetres implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        $needed = $design->circumstances->numbers->get(TradeNumber::SeenAtTwoMetres);
        foreach ($course->sightings as $at => $sightings) {
            // Whiskers reach beyond the place they begin at; sparkle need not be seen from there.
            $isLine = $sightings !== [] && $design->layers[$at]->isFine() && ! $design->isHighlight($at)
                && $course->step($at)->technique !== Technique::Whisker;
            $nearest = $isLine ? $this->mostDifferent($sightings[0]) : null;
            $difference = $nearest === null ? INF : Difference::between(Lab::of($sightings[0]->meant), Lab::of($nearest));
            if ($nearest === null || $difference >= $needed) {
                continue;
            }
            $says = sprintf(
                '“%s” is %s on %s: from two metres nobody sees it (difference %d, %d are needed).',
                $course->step($at)->name,
                Word::of($sightings[0]->meant),
                Word::of($nearest),
                floor($difference),
                $needed,
            );
            $findings[] = Finding::of(rule: $this, course: $course, places: [$at], says: $says, fix: $this->fix($course, $at, $nearest))
                ->restingOn(
                    Evidence::ofDesign('difference of colour here', (string) floor($difference)),
                    Evidence::ofNumber($design->circumstances, TradeNumber::SeenAtTwoMetres),
                );
        }

        return $findings;
    }

    /** The ground that the line stands out most from: seen there, it is seen. */
    private function mostDifferent(SeenColour $sighting): ?LinearRgb
    {
        $most = -1.0;
        $found = null;
        foreach ($sighting->grounds as $ground) {
            $difference = Difference::between(Lab::of($sighting->meant), Lab::of($ground));
            [$most, $found] = $difference > $most ? [$difference, $ground] : [$most, $found];
        }

        return $found;
    }

    /** The paint of the kit that stands out most of black, white and what the design uses already. */
    private function fix(PaintedSequence $course, int $at, LinearRgb $ground): ?Fix
    {
        $best = null;
        $most = $course->preparation->circumstances->numbers->get(TradeNumber::SeenAtTwoMetres);
        foreach ($course->preparation->circumstances->kit->colours() as $colour) {
            $isPlain = $colour->luminance() < Colour::NEARLY_BLACK || $colour->luminance() > Colour::NEARLY_WHITE;
            $difference = $isPlain ? Difference::between(Lab::ofHex($colour->hex), Lab::of($ground)) : 0.0;
            if ($difference > $most) {
                [$best, $most] = [$colour, $difference];
            }
        }

        return $best === null ? null : Fix::changing(
            $course->preparation->design,
            $at,
            $course->step($at)->withColours([$best]),
            "Paint it {$best->name}",
        );
    }
}
