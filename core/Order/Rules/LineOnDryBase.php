<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Order\Constraint;
use Core\Order\OrdersSteps;
use Core\Order\Preparation;
use Core\Order\School;
use Core\Order\Severity;

/** Some painters put no line on a base that is not dry (common practice, no source). */
final readonly class LineOnDryBase implements OrdersSteps
{
    public function id(): string
    {
        return 'line-on-dry-base';
    }

    public function title(): string
    {
        return 'Lines on a dry base';
    }

    public function severity(): Severity
    {
        return Severity::Warn;
    }

    public function school(): School
    {
        return School::LineOnDry;
    }

    public function constraints(Preparation $design): array
    {
        return Constraint::betweenTouching(
            $this,
            $design,
            static fn (int $one, int $other): bool => $design->layers[$other]->isFine() && $design->films[$other] !== null && $design->liesOn($other, $one),
            static fn (int $one, int $other): string => "“{$design->name($other)}” waits until “{$design->name($one)}” is dry, {$design->dryAfter($one)->format()} after it was laid.",
            static fn (int $one, int $other): int => $design->dryAfter($one)->milliseconds,
        );
    }
}
