<?php

declare(strict_types=1);

namespace Core\Order\Rules\Look;

use Core\Design\BrushSize;
use Core\Design\Colour;
use Core\Design\Medium;
use Core\Design\Step;
use Core\Kit\Item;
use Core\Kit\ItemKind;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\Repairs;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\DesignFacts;
use Core\Order\PaintedSequence;

/** Brushes that are never washed between black and white save the rinse and keep the water clean (common practice, no source). */
#[RuleInfo('One brush between black and white', Severity::Tip)]
final readonly class BlackAndWhiteBrush implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach (array_slice($design->steps, 1, null, true) as $at => $step) {
            $before = $design->steps[$at - 1];
            if ($step->medium !== Medium::Brush || $before->medium !== Medium::Brush || ! $step->usesTool($before->tool)
                || ! $this->areOpposite($before, $step)) {
                continue;
            }
            $changeovers = $design->circumstances->changeovers;
            $now = $changeovers->between($before, $step);
            // Of a brush that the kit does not know, nobody says that there is only one.
            if ($design->circumstances->kit->named($step->tool) === null || ! $changeovers->rinses($before, $step)) {
                continue;
            }
            $other = $this->otherBrush($design, $step);
            $says = "“{$step->tool}” is rinsed between black and white: {$now->format()} here, and the water goes grey.";
            if ($other === null) {
                $findings[] = Finding::of($this, $course, [$at - 1, $at], "{$says} A brush kept for each saves it.")->costing($now);

                continue;
            }
            $then = Fix::changing($design->design, $at, $step->withTool($other->name), "Use {$other->name}");
            $saved = Repairs::of($course)->saving($then->design);
            if (! $saved->isZero()) {
                $findings[] = Finding::of(
                    rule: $this,
                    course: $course,
                    places: [$at - 1, $at],
                    says: "{$says} Another brush saves {$saved->format()}.",
                    fix: Repairs::of($course)->retimed($then),
                )->costing($saved);
            }
        }

        return $findings;
    }

    private function areOpposite(Step $one, Step $other): bool
    {
        if ($one->colours === [] || $other->colours === []) {
            return false;
        }
        [$first, $second] = [$one->colours[0]->luminance(), $other->colours[0]->luminance()];

        return min($first, $second) < Colour::NEARLY_BLACK && max($first, $second) > Colour::NEARLY_WHITE;
    }

    /** One that keeps the colour, else one of the kit that this design does not use. */
    private function otherBrush(DesignFacts $design, Step $step): ?Item
    {
        $reserved = $design->circumstances->kit->brushReservedFor($step->colours[0]);
        foreach ($reserved === null ? $design->circumstances->kit->ofKind(ItemKind::Brush) : [] as $brush) {
            $isUsed = array_filter($design->steps, static fn (Step $other): bool => $other->usesTool($brush->name)) !== [];
            if (! $isUsed && $brush->reservedFor === '' && BrushSize::of($brush->name)?->isNear(BrushSize::of($step->tool)) === true) {
                return $brush;
            }
        }

        return $reserved;
    }
}
