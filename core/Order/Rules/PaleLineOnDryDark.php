<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Order\Constraint;
use Core\Order\OrdersSteps;
use Core\Order\Preparation;
use Core\Order\Severity;

/** Pale lines on wet dark paint bleed (common practice, no source). */
final readonly class PaleLineOnDryDark implements OrdersSteps
{
    public function id(): string
    {
        return 'pale-line-on-dry-dark';
    }

    public function title(): string
    {
        return 'Pale line only on dry dark';
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
            static fn (int $one, int $other): bool => $design->layers[$other]->isFine() && ! $design->isHighlight($other) && $design->isPale($other) && $design->isDark($one) && $design->liesOn($other, $one),
            static fn (int $one, int $other): string => "A pale line bleeds on wet dark paint: “{$design->name($one)}” is dry {$design->dryAfter($one)->format()} after it was laid.",
            static fn (int $one, int $other): int => $design->dryAfter($one)->milliseconds,
        );
    }
}
