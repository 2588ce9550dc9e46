<?php

declare(strict_types=1);

namespace Core\Order\Rules\Wet;

use Core\Order\Constraint;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\OrdersSteps;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\DesignFacts;
use Core\Order\Schools\School;

/** Some painters put no line on a base that is not dry (common practice, no source). */
#[RuleInfo('Lines on a dry base', Severity::Warn, School::LineOnDry)]
final readonly class LineOnDryBase implements OrdersSteps
{
    use HasRuleInfo;

    public function constraints(DesignFacts $design): array
    {
        $constraints = [];
        foreach ($design->lying as [$base, $line]) {
            if ($design->layers[$line]->isFine()) {
                $dry = $design->dryAfter($base);
                $why = "“{$design->name($line)}” waits until “{$design->name($base)}” is dry, {$dry->format()} after it was laid.";
                $constraints[] = Constraint::of(rule: $this, from: $base, to: $line, why: $why, least: $dry->milliseconds);
            }
        }

        return $constraints;
    }
}
