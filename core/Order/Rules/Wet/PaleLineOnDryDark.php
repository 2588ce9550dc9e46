<?php

declare(strict_types=1);

namespace Core\Order\Rules\Wet;

use Core\Order\Constraint;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\OrdersSteps;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\DesignFacts;
use Core\Order\Schools\TradeNumber;
use Core\Units\Duration;

/** Pale lines on wet dark paint bleed; on a strong sponged base they go on at once or within 20 s (common practice, no source). */
#[RuleInfo('Pale line only on dry dark', Severity::Warn)]
final readonly class PaleLineOnDryDark implements OrdersSteps
{
    use HasRuleInfo;

    public function constraints(DesignFacts $design): array
    {
        return Constraint::waiting(
            rule: $this,
            design: $design,
            atOnce: TradeNumber::LineAtOnce,
            wait: static fn (int $film, int $line): ?Duration => $design->layers[$line]->isFine() && ! $design->isHighlight($line)
                && $design->isPale($line)
                && $design->isDark($film)
                ? $design->nearlyDryAfter($film)
                : null,
            why: static fn (int $film, int $line): string => "“{$design->name($line)}” is a pale line and bleeds on wet dark "
                ."“{$design->name($film)}”, which is nearly dry {$design->nearlyDryAfter($film)->format()} after it was laid.",
        );
    }
}
