<?php

declare(strict_types=1);

namespace Core\Order\Rules\Child;

use Core\Design\Medium;
use Core\Kit\Item;
use Core\Kit\ItemKind;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\PaintedSequence;
use Core\Order\Schools\School;

/** Self-stick gems are quick and right for small children; glued ones hold longer (common practice, no source). */
#[RuleInfo('Gems that stick by themselves', Severity::Tip, School::GemsSelfStick)]
final readonly class GemsSelfStick implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        $kit = $design->circumstances->kit;
        $selfStick = array_values(array_filter($kit->ofKind(ItemKind::Gem), static fn (Item $gem): bool => $gem->isSelfStick))[0] ?? null;
        foreach ($design->steps as $at => $step) {
            $tool = $kit->named($step->tool);
            if ($selfStick !== null && $step->medium === Medium::Gem && $tool !== null && ! $tool->isSelfStick) {
                $says = "“{$step->name}” is set with glue. You use gems that stick by themselves: quick, and right for small children.";
                $findings[] = Finding::of(
                    rule: $this,
                    course: $course,
                    places: [$at],
                    says: $says,
                    fix: Fix::changing($design->design, $at, $step->withTool($selfStick->name), "Use {$selfStick->name} gems"),
                );
            }
        }

        return $findings;
    }
}
