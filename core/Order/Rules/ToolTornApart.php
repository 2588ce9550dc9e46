<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Order\Course;
use Core\Order\Defaults;
use Core\Order\Evidence;
use Core\Order\Finding;
use Core\Order\Fix;
use Core\Order\LooksAtFace;
use Core\Order\Repairs;
use Core\Order\Severity;
use Core\Order\TradeNumber;

/** Every return to a tool costs its changeover again (common practice, no source). */
final readonly class ToolTornApart implements LooksAtFace
{
    public function id(): string
    {
        return 'tool-torn-apart';
    }

    public function title(): string
    {
        return 'Steps of one tool torn apart';
    }

    public function severity(): Severity
    {
        return Severity::Tip;
    }

    public function school(): null
    {
        return null;
    }

    public function findings(Course $course): array
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
            $order = Repairs::of($course)->shorterWith($at, $earlier + 1);
            if ($order !== null && $order->saved->seconds() >= $design->circumstances->numbers->get(TradeNumber::WorthSaving)) {
                $says = "“{$design->name($earlier)}” and “{$step->name}” need the same tool and colour, with other work between. One after the other they save {$order->saved->format()}.";
                $findings[] = Finding::of($this, $course, [$earlier, $at], $says, Repairs::of($course)->retimed(Fix::inOrder($design->design, $order->order, "Paint it right after “{$design->name($earlier)}”")))
                    ->costing($order->saved)->restingOn(Evidence::ofNumber($design->circumstances, TradeNumber::WorthSaving));
            }
        }

        return $findings;
    }
}
