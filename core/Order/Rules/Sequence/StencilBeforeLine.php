<?php

declare(strict_types=1);

namespace Core\Order\Rules\Sequence;

use Core\Order\Constraint;
use Core\Order\Craft\Card;
use Core\Order\Craft\HasCard;
use Core\Order\Craft\OrdersSteps;
use Core\Order\Craft\Severity;
use Core\Order\Layer;
use Core\Order\Preparation;

/** Lines that a stencil hides must be redrawn (common practice, no source). */
#[Card('Stencil before line work', Severity::Warn)]
final readonly class StencilBeforeLine implements OrdersSteps
{
    use HasCard;

    public function constraints(Preparation $design): array
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
