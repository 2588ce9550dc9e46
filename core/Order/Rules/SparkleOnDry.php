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
        $constraints = [];
        foreach ($design->touching() as [$one, $other]) {
            if ($design->isHighlight($other) && $design->isDark($one) && $design->liesOn($other, $one)) {
                $constraints[] = new Constraint($this->id(), $this->severity(), $one, $other, "“{$design->name($other)}” bleeds on “{$design->name($one)}” until it is dry, {$design->dryAfter($one)->format()} after it was laid.", $design->dryAfter($one)->milliseconds);
            }
        }

        return $constraints;
    }
}
