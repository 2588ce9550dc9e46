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

/** Red over wet white turns pink; the white must be completely dry (common practice, no source). */
#[RuleInfo('Strong over pale only on dry', Severity::Warn)]
final readonly class StrongOverPaleOnDry implements OrdersSteps
{
    use HasRuleInfo;

    public function constraints(DesignFacts $design): array
    {
        return Constraint::waiting(
            rule: $this,
            design: $design,
            atOnce: TradeNumber::StrongAtOnce,
            wait: static fn (int $film, int $stroke): ?Duration => $design->isStrong($stroke) && $design->layers[$stroke]->isFine()
                && $design->isPale($film)
                && $design->turnsOnWet($stroke, $film)
                ? $design->dryAfter($film)
                : null,
            why: static fn (int $film, int $stroke): string => "“{$design->name($stroke)}” would turn "
                ."{$design->turned($stroke, $film)} on wet “{$design->name($film)}”, which is dry "
                    ."{$design->dryAfter($film)->format()} after it was laid.",
        );
    }
}
