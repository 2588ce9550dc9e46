<?php

declare(strict_types=1);

namespace Core\Order\Rules\Look;

use Core\Design\Medium;
use Core\Order\Craft\Evidence;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\Repairs;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\PaintedSequence;
use Core\Order\Schools\TradeNumber;

/** Each side, tip and heel of a sponge can hold a colour: it saves a pick-up and a reload each time (common practice, no source). */
#[RuleInfo('Several colours on one sponge', Severity::Tip)]
final readonly class SpongeSides implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach (array_slice($design->steps, 1, null, true) as $at => $step) {
            $before = $design->steps[$at - 1];
            $changesSponge = $step->medium === Medium::Sponge && $before->medium === Medium::Sponge && ! $step->usesTool($before->tool)
                && $before->tool !== '';
            if (! $changesSponge || count($step->colours) !== 1 || count($before->colours) !== 1) {
                continue;
            }
            $changeovers = $design->circumstances->changeovers;
            $less = $changeovers->between($before, $step)->minus($changeovers->between($before, $step->withTool($before->tool)));
            if ($less->seconds() < $design->circumstances->numbers->get(TradeNumber::WorthSaving)) {
                continue;
            }
            $turned = Fix::changing($design->design, $at, $step->withTool($before->tool), "Turn the {$before->tool}");
            $saved = Repairs::of($course)->saving($turned->design);
            if ($saved->seconds() >= $design->circumstances->numbers->get(TradeNumber::WorthSaving)) {
                $says = "“{$step->name}” takes another sponge. A clean side of the {$before->tool} in the hand saves {$saved->format()}.";
                $findings[] = Finding::of(
                    rule: $this,
                    course: $course,
                    places: [$at - 1, $at],
                    says: $says,
                    fix: Repairs::of($course)->retimed($turned),
                )->costing($saved)->restingOn(Evidence::ofNumber($design->circumstances, TradeNumber::WorthSaving));
            }
        }

        return $findings;
    }
}
