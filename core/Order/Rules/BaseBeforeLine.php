<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Order\Constraint;
use Core\Order\Layer;
use Core\Order\OrdersSteps;
use Core\Order\Preparation;
use Core\Order\Severity;

/** A good base carries the rest (common practice, no source). */
final readonly class BaseBeforeLine implements OrdersSteps
{
    public function id(): string
    {
        return 'base-before-line';
    }

    public function title(): string
    {
        return 'Base before line';
    }

    public function severity(): Severity
    {
        return Severity::Stop;
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
            static fn (int $one, int $other): bool => $design->isBase($one) && ($design->layers[$other]->isFine() || $design->layers[$other] === Layer::Shape),
            static fn (int $one, int $other): string => "The base “{$design->name($one)}” carries “{$design->name($other)}”, so it comes first.",
        );
    }
}
