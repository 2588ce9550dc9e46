<?php

declare(strict_types=1);

namespace Core\Order\Rules\Child;

use Core\Kit\Item;
use Core\Kit\ItemKind;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\DesignFacts;
use Core\Order\PaintedSequence;

/** Usual caution; local codes and licensed practice come first. */
#[RuleInfo('Not for skin', Severity::Stop)]
final readonly class NotForSkin implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach ($design->steps as $at => $step) {
            foreach ($this->things($design, $at) as $thing) {
                if (! $thing->isSkinSafe) {
                    $says = "“{$thing->name}” in “{$step->name}” is not for skin. Cosmetic-grade, skin-safe paint and glitter only.";
                    $findings[] = Finding::of(
                        rule: $this,
                        course: $course,
                        places: [$at],
                        says: $says,
                        fix: $this->fix($course, $at, $thing),
                    );
                }
            }
        }

        return $findings;
    }

    /** @return list<Item> */
    private function things(DesignFacts $design, int $at): array
    {
        return array_values(array_filter([$design->circumstances->kit->named($design->steps[$at]->tool), $design->cakes[$at]]));
    }

    /** The safe thing of the same kind that looks most like it; without one, the step goes. */
    private function fix(PaintedSequence $course, int $at, Item $thing): Fix
    {
        $design = $course->preparation->design;
        $safe = $course->preparation->circumstances->kit->safeLike($thing);
        if ($safe === null) {
            return Fix::without($design, [$at], 'Leave it out');
        }
        $step = $thing->kind === ItemKind::Paint
            ? $design->steps[$at]->withColours($safe->colours)
            : $design->steps[$at]->withTool($safe->name);

        return Fix::changing($design, $at, $step, "Use {$safe->name}");
    }
}
