<?php

declare(strict_types=1);

namespace Core\Order\Rules\Wet;

use Core\Colour\Finish;
use Core\Design\Alternative;
use Core\Design\Medium;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Kit\ItemKind;
use Core\Order\Craft\Evidence;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\Defaults;
use Core\Order\PaintedSequence;

/**
 * Blending takes up to five minutes on one face when the paint is wrong for it; a split cake does it at one go (common
 * practice, no source).
 */
#[RuleInfo('A blend that may take minutes', Severity::Tip)]
final readonly class BlendTakesMinutes implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $blends = array_filter(
            $course->preparation->steps,
            static fn (Step $step): bool => $step->technique === Technique::Blend && count($step->colours) > 1,
        );
        foreach ($blends as $at => $step) {
            $planned = $course->preparation->durations[$at];
            $isLong = count($blends) >= Defaults::MANY_BLENDS || $planned->seconds() >= Defaults::LONG_BLEND_SECONDS
                || $this->isBlendedApart($step);
            if ($isLong && $this->isSlow($course, $at)) {
                $says = "“{$step->name}” works colours into each other, and with paint that dries under the hand that takes up "
                    .'to five minutes on one face. A split cake lays them at one go; pearl and soft paint blend more easily.';
                $findings[] = Finding::of(
                    rule: $this,
                    course: $course,
                    places: [$at],
                    says: $says,
                    fix: $this->fix($course, $at),
                )->restingOn(
                    Evidence::ofDesign('planned', $planned->format()),
                    Evidence::ofDesign('blends in this design', (string) count($blends)),
                );
            }
        }

        return array_slice($findings, 0, 1);
    }

    /** Colours side by side on one sponge are laid at one go. */
    private function fix(PaintedSequence $course, int $at): ?Fix
    {
        $step = $course->step($at);
        $sponge = $course->preparation->circumstances->kit->ofKind(ItemKind::Sponge)[0] ?? null;

        return $step->medium !== Medium::Brush || $sponge === null ? null : Fix::changing(
            $course->preparation->design, $at,
            $step->painted(new Alternative(Medium::Sponge, Technique::Blend, $sponge->name, null)),
            "Lay them side by side on the {$sponge->name}",
        );
    }

    /** Three colours or more by brush, over a large area. */
    private function isBlendedApart(Step $step): bool
    {
        $area = array_sum(array_map(static fn (Zone $zone): float => $zone->area(), $step->zones));

        return $step->medium === Medium::Brush && count($step->colours) > 2 && $area >= Defaults::LONG_BLEND_AREA;
    }

    /** Of paint that is no soft pearl, and no split cake of the kit holds the colours. */
    private function isSlow(PaintedSequence $course, int $at): bool
    {
        return $course->preparation->circumstances->kit->splitCakeOf($course->step($at)->colours) === null
            && ($course->preparation->cakes[$at]->finish ?? Finish::Regular) !== Finish::Pearl;
    }
}
