<?php

declare(strict_types=1);

namespace Core\Order\Rules\Wet;

use Core\Order\Constraint;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\OrdersSteps;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\Defaults;
use Core\Order\DesignFacts;
use Core\Order\Schools\School;
use Core\Order\Schools\TradeNumber;
use Core\Units\Duration;

/**
 * With wax paint lines go straight on (common practice, no source). Pale ones bleed on strong wet paint, and humid air keeps
 * soft paint sticky.
 */
#[RuleInfo('Lines on a tacky base', Severity::Warn, School::LineOnTacky)]
final readonly class LineOnTackyBase implements OrdersSteps
{
    use HasRuleInfo;

    public function constraints(DesignFacts $design): array
    {
        return Constraint::waiting(
            rule: $this,
            design: $design,
            atOnce: TradeNumber::LineAtOnce,
            wait: fn (int $base, int $line): ?Duration => $this->bleeds($design, $base, $line) || $this->sticks($design, $base, $line)
                ? $design->waitedFor($base)
                : null,
            why: fn (int $base, int $line): string => "“{$design
                ->name($line)}” ".($this->sticks($design, $base, $line) ? 'drags in' : 'bleeds on')
                ." wet “{$design->name($base)}”; painters give it {$design->waitedFor($base)->format()}.",
        );
    }

    private function bleeds(DesignFacts $design, int $base, int $line): bool
    {
        return $design->steps[$line]->technique->isThin() && $design->isPale($line) && $design->isStrong($base);
    }

    private function sticks(DesignFacts $design, int $base, int $line): bool
    {
        return $design->layers[$line]->isFine() && ! $design->isWax($base)
            && $design->circumstances->drying->factor < Defaults::STICKY_FACTOR;
    }
}
