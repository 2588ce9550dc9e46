<?php

declare(strict_types=1);

namespace Core\Order\Rules\Wet;

use Core\Order\Constraint;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\OrdersSteps;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\DesignFacts;
use Core\Order\Layer;
use Core\Order\Schools\TradeNumber;
use Core\Units\Duration;

/**
 * A shape takes up some of the wet film below: yellow on wet blue turns green (Kubelka and Munk mixture). On a sponged base it
 * goes on at once or within 20 s (common practice, no source).
 */
#[RuleInfo('Shapes that turn on wet paint', Severity::Warn)]
final readonly class ShapeOnWet implements OrdersSteps
{
    use HasRuleInfo;

    public function constraints(DesignFacts $design): array
    {
        return Constraint::waiting(
            rule: $this,
            design: $design,
            atOnce: TradeNumber::ShapeAtOnce,
            wait: fn (int $film, int $shape): ?Duration => $this->turns($design, $film, $shape) ? $design->waitedFor($film) : null,
            why: static fn (int $film, int $shape): string => "“{$design->name($shape)}” would turn "
                ."{$design->turned($shape, $film)} on wet “{$design->name($film)}”; painters give it "
                    ."{$design->waitedFor($film)->format()}.",
        );
    }

    /** A paler shape takes up what is below, and a strong one is paled by it; black on white stays black. */
    private function turns(DesignFacts $design, int $film, int $shape): bool
    {
        return $design->layers[$shape] === Layer::Shape && ! $design->isWorkedIn($shape) && $design->turnsOnWet($shape, $film)
            && ($design->isStrong($shape) || $design->isPalerThan($shape, $film));
    }
}
