<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Order\Constraint;
use Core\Order\OrdersSteps;
use Core\Order\Preparation;
use Core\Order\Severity;

/** Sparkle dots sit on dry dark paint; on wet they bleed (common practice, no source). */
final readonly class SparkleOnDry implements OrdersSteps
{
    public function id(): string
    {
        return 'sparkle-on-dry';
    }

    public function title(): string
    {
        return 'Sparkle only on dry';
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
            static fn (int $one, int $other): bool => $design->isHighlight($other) && $design->isDark($one) && $design->liesOn($other, $one),
            static fn (int $one, int $other): string => "“{$design->name($other)}” bleeds on “{$design->name($one)}” until it is dry, {$design->dryAfter($one)->format()} after it was laid.",
            static fn (int $one, int $other): int => $design->dryAfter($one)->milliseconds,
        );
    }
}
