<?php

declare(strict_types=1);

namespace Core\Order\Rules\Look;

use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Order\Craft\Evidence;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\Defaults;
use Core\Order\DesignFacts;
use Core\Order\PaintedSequence;
use Core\Order\Schools\TradeNumber;

/** Ribbons and dots that made it too busy are a common complaint (common practice, no source). The threshold is the team’s estimate. */
#[RuleInfo('Too busy', Severity::Tip)]
final readonly class TooBusy implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        $most = $design->circumstances->numbers->get(TradeNumber::Crowded);
        foreach ($this->marks($design) as $zone => $steps) {
            $room = Zone::from($zone)->area();
            $filled = array_sum(array_map(
                fn (int $at, float $marks): float => $marks * $this->room($design->steps[$at]),
                array_keys($steps),
                $steps,
            ));
            $spare = $this->leastMissed($design, array_keys($steps));
            if ($spare !== null && count($steps) > 1 && array_sum($steps) >= Defaults::CROWD && $filled > $most * $room) {
                $says = sprintf(
                    '%d marks crowd the %s: they fill %d of its %d square centimetres, and from a step away it gets too busy.',
                    array_sum($steps),
                    Zone::from($zone)->label(),
                    min(round($filled), $room),
                    $room,
                );
                $findings[] = Finding::of(
                    rule: $this,
                    course: $course,
                    places: [$spare, ...array_diff(array_keys($steps), [$spare])],
                    says: $says,
                    fix: $this->fix($course, $spare, 1 - ($filled - $most * $room) / ($steps[$spare] * $this->room($course->step($spare)))),
                )
                    ->restingOn(
                        Evidence::ofDesign('filled here', round(100 * $filled / $room).' %'),
                        Evidence::ofNumber($design->circumstances, TradeNumber::Crowded),
                    );
            }
        }

        return $findings;
    }

    /** @return array<string, array<int, float>> marks a side by zone and step, spread by the room in each zone */
    private function marks(DesignFacts $design): array
    {
        $marks = [];
        foreach ($design->steps as $at => $step) {
            $room = array_sum(array_map(static fn (Zone $zone): float => $zone->area(), $step->zones));
            foreach ($step->technique->isCounted() ? $step->zones : [] as $zone) {
                $marks[$zone->value][$at] = $step->strokes() * $zone->area() / $room;
            }
        }

        return $marks;
    }

    /** Square centimetres that one mark takes up. Team's estimates. */
    private function room(Step $step): float
    {
        $usual = match ($step->technique) {
            Technique::Dots, Technique::Gem => 0.2,
            Technique::Whisker, Technique::Lash, Technique::Line => 0.4,
            Technique::Teardrop, Technique::Heart, Technique::Stripe => 0.6,
            default => 1.2,
        };

        return $usual * ($step->mark->sizePercent / 100) ** 2;
    }

    /**
     * Of the many small marks the ones that add least to the look; eyes, teeth, legs, lines give the figure its shape.
     *
     * @param  list<int>  $steps
     */
    private function leastMissed(DesignFacts $design, array $steps): ?int
    {
        $spare = array_values(array_filter($steps, static fn (int $at): bool => match ($design->steps[$at]->technique) {
            Technique::Dots, Technique::Starburst, Technique::Swirl, Technique::DoubleSwirl, Technique::Teardrop,
            Technique::Heart, Technique::Flower => $design->steps[$at]->strokes() > 2,
            default => false,
        }));
        usort(
            $spare,
            static fn (int $one, int $other): int => [$design->steps[$one]->look, -$design->steps[$one]->strokes()] <=> [
                $design->steps[$other]->look,
                -$design->steps[$other]->strokes(),
            ],
        );

        return $spare[0] ?? null;
    }

    /**
     * As many of them as there is room for; none where hardly any would be left.
     *
     * @param  float  $share  of them that there is room for; below nothing where the others fill it alone
     */
    private function fix(PaintedSequence $course, int $at, float $share): Fix
    {
        $step = $course->step($at);
        $few = (int) floor($step->strokes() * $share);
        $design = $course->preparation->design;

        return $few < 2
            ? Fix::without($design, [$at], "Leave out “{$step->name}”")
            : Fix::changing($design, $at, $step->withCount($few), "Only {$few} of “{$step->name}”");
    }
}
