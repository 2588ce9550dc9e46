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

/** Lines that a stencil hides must be redrawn (common practice, no source). */
#[RuleInfo('Stencil before line work', Severity::Warn)]
final readonly class StencilBeforeLine implements OrdersSteps
{
    use HasRuleInfo;

    public function constraints(DesignFacts $design): array
    {
        return Constraint::betweenTouching(
            $this,
            $design,
            static fn (int $one, int $other): bool => $design->layers[$one] === Layer::Texture && $design->layers[$other]->isFine()
                && $design->isHiddenBy($other, $one),
            static fn (int $one, int $other): string => "The stencil “{$design->name($one)}” would hide "
                ."“{$design->name($other)}”, which then has to be painted again.",
        );
    }
}
