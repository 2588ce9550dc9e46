<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Order\Constraint;
use Core\Order\OrdersSteps;
use Core\Order\Preparation;
use Core\Order\Severity;

/** Red over wet white turns pink (common practice, no source). */
final readonly class StrongOverPaleOnDry implements OrdersSteps
{
    public function id(): string
    {
        return 'strong-over-pale-on-dry';
    }

    public function title(): string
    {
        return 'Strong over pale only on dry';
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
            static fn (int $one, int $other): bool => $design->isStrong($other) && $design->layers[$other]->isFine() && $design->films[$other] !== null && $design->isPale($one) && $design->liesOn($other, $one) && $design->turnsOnWet($other, $one),
            static fn (int $one, int $other): string => "“{$design->name($other)}” would turn {$design->turned($other, $one)} on wet “{$design->name($one)}”, which is dry {$design->dryAfter($one)->format()} after it was laid.",
            static fn (int $one, int $other): int => $design->dryAfter($one)->milliseconds,
        );
    }
}
