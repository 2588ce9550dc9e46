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

/** Sparkle dots sit on dry dark paint, 30 to 40 s after a black fill; on wet they bleed (common practice, no source). */
#[RuleInfo('Sparkle only on dry', Severity::Warn)]
final readonly class SparkleOnDry implements OrdersSteps
{
    use HasRuleInfo;

    public function constraints(DesignFacts $design): array
    {
        return Constraint::waiting(
            rule: $this,
            design: $design,
            atOnce: TradeNumber::SparkleAtOnce,
            wait: static fn (int $film, int $sparkle): ?Duration => $design->isHighlight($sparkle) && $design->isDark($film)
                ? $design->nearlyDryAfter($film)
                : null,
            why: static fn (int $film, int $sparkle): string => "“{$design->name($sparkle)}” bleeds on "
                ."“{$design->name($film)}” until it is nearly dry, {$design->nearlyDryAfter($film)->format()} after it was laid.",
        );
    }
}
