<?php

declare(strict_types=1);

namespace Core\Order\Rules\Sequence;

use Core\Design\Place\Zone;
use Core\Order\Constraint;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\OrdersSteps;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\DesignFacts;
use Core\Order\Layer;
use Core\Order\Schools\School;

/** Strictly top to bottom within each layer, so that the hand smudges nothing (common practice, no source). */
#[RuleInfo('Top to bottom', Severity::Tip, School::TopToBottom)]
final readonly class TopToBottom implements OrdersSteps
{
    use HasRuleInfo;

    public function constraints(DesignFacts $design): array
    {
        $constraints = [];
        foreach ($design->layers as $one => $layer) {
            foreach ($design->layers as $other => $its) {
                if ($layer === $its && $layer !== Layer::Bare && $one !== $other
                    && $this->row($design, $one) < $this->row($design, $other)) {
                    $constraints[] = Constraint::of(
                        $this,
                        $one,
                        $other,
                        "From top to bottom nothing is smudged by the hand: “{$design->name($one)}” before “{$design->name($other)}”.",
                    );
                }
            }
        }

        return $constraints;
    }

    /** Of its topmost place; a long way down where it has none. */
    private function row(DesignFacts $design, int $at): int
    {
        return array_reduce($design->steps[$at]->zones, static fn (int $top, Zone $zone): int => min($top, $zone->row()), PHP_INT_MAX);
    }
}
