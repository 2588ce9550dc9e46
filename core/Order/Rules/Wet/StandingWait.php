<?php

declare(strict_types=1);

namespace Core\Order\Rules\Wet;

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
use Core\Timeline\SpanKind;

/** Drying spread over other work costs nothing; standing and waiting does (common practice, no source). */
#[RuleInfo('A wait that other work could fill', Severity::Tip)]
final readonly class StandingWait implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach ($course->timeline->spans as $span) {
            $at = (int) array_search($span->step, $design->steps, true);
            if ($span->kind !== SpanKind::Drying) {
                continue;
            }
            $order = Repairs::of($course)->fillerBefore($at);
            if ($order !== null && $order->saved->seconds() >= $design->circumstances->numbers->get(TradeNumber::WorthSaving)) {
                $filler = $design->name($order->moved);
                $says = "You stand {$span->length->format()} before “{$design->name($at)}” until the paint is dry. “{$filler}” "
                    ."can be painted meanwhile, which saves {$order->saved->format()}.";
                $findings[] = Finding::of(
                    rule: $this,
                    course: $course,
                    places: [$at, $order->moved],
                    says: $says,
                    fix: Repairs::of($course)->retimed(Fix::inOrder($design->design, $order->order, "Paint “{$filler}” meanwhile")),
                )
                    ->costing($order->saved)->restingOn(Evidence::ofNumber($design->circumstances, TradeNumber::WorthSaving));
            }
        }

        return $findings;
    }
}
