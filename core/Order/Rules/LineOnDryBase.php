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
        $constraints = [];
        foreach ($design->lying as [$base, $line]) {
            if ($design->layers[$line]->isFine()) {
                $dry = $design->dryAfter($base);
                $why = "“{$design->name($line)}” waits until “{$design->name($base)}” is dry, {$dry->format()} after it was laid.";
                $constraints[] = Constraint::of($this, $base, $line, $why, $dry->milliseconds);
            }
        }

        return $constraints;
    }
}
