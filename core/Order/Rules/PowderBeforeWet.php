<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Order\Constraint;
use Core\Order\Layer;
use Core\Order\OrdersSteps;
use Core\Order\Preparation;
use Core\Order\Severity;

/** Wet on dry powder is fine; powder on wet paint clumps (common practice, no source). */
final readonly class PowderBeforeWet implements OrdersSteps
{
    public function id(): string
    {
        return 'powder-before-wet';
    }

    public function title(): string
    {
        return 'Powder before wet paint';
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
            static fn (int $one, int $other): bool => $design->layers[$one] === Layer::Powder && $design->films[$other] !== null && $design->layers[$other] !== Layer::Powder,
            static fn (int $one, int $other): string => "Wet paint goes on dry powder, powder does not go on wet paint: “{$design->name($one)}” comes before “{$design->name($other)}”.",
        );
    }
}
