<?php

declare(strict_types=1);

namespace Core\Order\Rules\Sequence;

use Core\Design\Place\Zone;
use Core\Order\Constraint;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\OrdersSteps;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\Defaults;
use Core\Order\DesignFacts;

/** A good base carries the rest: the first large fill of a figure comes before its lines (common practice, no source). */
#[RuleInfo('Base before line', Severity::Warn)]
final readonly class BaseBeforeLine implements OrdersSteps
{
    use HasRuleInfo;

    public function constraints(DesignFacts $design): array
    {
        return Constraint::betweenTouching(
            $this,
            $design,
            fn (int $one, int $other): bool => $design->isBase($one) && $design->layers[$other]
                ->isFine() && ($one < $other || $this->carries($design, $one, $other)),
            static fn (int $one, int $other): string => "The base “{$design->name($one)}” carries "
                ."“{$design->name($other)}”, so it comes first.",
        );
    }

    /** Whether a base that was typed later is the one of that line: it is of no other figure, and nothing else lies under the line. */
    private function carries(DesignFacts $design, int $base, int $line): bool
    {
        [$one, $other] = [$design->steps[$base], $design->steps[$line]];

        return $one->mark->shape === null && $one->group === $other->group && $design->groundUnder($line) === null
            && array_sum(array_map(
                static fn (Zone $zone): float => $zone->area(),
                $one->zones,
            )) >= Defaults::BASE_AREA && $design->isHiddenBy($line, $base)
            && ! $design->isMarkedFirst($line) && $design->areApart($base, $line);
    }
}
