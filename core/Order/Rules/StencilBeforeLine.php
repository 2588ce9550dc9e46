<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Order\Constraint;
use Core\Order\Layer;
use Core\Order\OrdersSteps;
use Core\Order\Preparation;
use Core\Order\Severity;

/** Lines that a stencil hides must be redrawn (common practice, no source). */
final readonly class StencilBeforeLine implements OrdersSteps
{
    public function id(): string
    {
        return 'stencil-before-line';
    }

    public function title(): string
    {
        return 'Stencil before line work';
    }

    public function severity(): Severity
    {
        return Severity::Warn;
    }

    public function school(): null
    {
        return null;
    }

    public function constraints(Preparation $design): array
    {
        return Constraint::betweenTouching(
            $this,
            $design,
            static fn (int $one, int $other): bool => $design->layers[$one] === Layer::Texture && $design->layers[$other]->isFine() && $design->isHiddenBy($other, $one),
            static fn (int $one, int $other): string => "The stencil “{$design->name($one)}” would hide “{$design->name($other)}”, which then has to be painted again.",
        );
    }
}
