<?php

declare(strict_types=1);

namespace Core\Order\Rules\Sequence;

use Core\Order\Craft\Evidence;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\Repairs;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\Defaults;
use Core\Order\DesignFacts;
use Core\Order\PaintedSequence;
use Core\Order\Schools\TradeNumber;

/** Every return to a tool costs its changeover again (common practice, no source). */
#[RuleInfo('Steps of one tool torn apart', Severity::Tip)]
final readonly class ToolTornApart implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        $last = [];
        foreach ($design->steps as $at => $step) {
            $tool = mb_strtolower("{$step->medium->value} {$step->tool} ".implode(' ', array_column($step->colours, 'hex')));
            $earlier = $last[$tool] ?? null;
            $last[$tool] = $at;
            if ($earlier === null || $earlier === $at - 1 || ! $step->medium->isPaintedOn() || $at - $earlier > Defaults::FARTHEST_MOVE) {
                continue;
            }
            $order = $this->saves($design, $earlier, $at) ? Repairs::of($course)->shorterWith($at, $earlier + 1) : null;
            if ($order !== null && $order->saved->seconds() >= $design->circumstances->numbers->get(TradeNumber::WorthSaving)) {
                $says = "“{$design->name($earlier)}” and “{$step->name}” need the same tool and colour, with other work "
                    ."between. One after the other they save {$order->saved->format()}.";
                $findings[] = Finding::of(
                    rule: $this,
                    course: $course,
                    places: [$earlier, $at],
                    says: $says,
                    fix: Repairs::of($course)->retimed(Fix::inOrder(
                        $design->design,
                        $order->order,
                        "Paint it right after “{$design->name($earlier)}”",
                    )),
                )
                    ->costing($order->saved)->restingOn(Evidence::ofNumber($design->circumstances, TradeNumber::WorthSaving));
            }
        }

        return $findings;
    }

    /** Whether the changes of tool alone would be worth it, which is quickly told. */
    private function saves(DesignFacts $design, int $earlier, int $at): bool
    {
        $change = static fn (int $from, int $to): float => isset($design->steps[$to])
            ? $design->hands->change(
                $to,
                $design->circumstances->changeovers->between($design->steps[$from], $design->steps[$to]),
            )->seconds()
            : 0.0;
        $now = $change($earlier, $earlier + 1) + $change($at - 1, $at) + $change($at, $at + 1);
        $then = $change($earlier, $at) + $change($at, $earlier + 1) + $change($at - 1, $at + 1);

        return $now - $then >= $design->circumstances->numbers->get(TradeNumber::WorthSaving);
    }
}
