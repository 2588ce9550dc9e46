<?php

declare(strict_types=1);

namespace Core\Order\Rules\Sequence;

use Core\Order\Constraint;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\OrdersSteps;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\DesignFacts;
use Core\Order\Layer;

/** Wet on dry powder is fine, and powder over dry paint; on wet paint it clumps (common practice, no source). */
#[RuleInfo('Powder before wet paint', Severity::Warn)]
final readonly class PowderBeforeWet implements OrdersSteps
{
    use HasRuleInfo;

    public function constraints(DesignFacts $design): array
    {
        $constraints = [];
        foreach ($design->touching() as [$wet, $powder]) {
            if ($wet < $powder && $design->layers[$powder] === Layer::Powder && $design->covers($wet)
                && ! $design->dryAfter($wet)->isZero()) {
                $dry = $design->dryAfter($wet);
                $why = "Wet paint goes on dry powder, powder does not go on wet paint: “{$design->name($wet)}” is dry "
                    ."{$dry->format()} after it was laid.";
                $constraints[] = Constraint::of(rule: $this, from: $wet, to: $powder, why: $why, least: $dry->milliseconds);
            }
        }

        return $constraints;
    }
}
