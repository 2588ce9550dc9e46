<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Order\Constraint;
use Core\Order\Layer;
use Core\Order\OrdersSteps;
use Core\Order\Preparation;
use Core\Order\Severity;

/** Wet on dry powder is fine, and powder over dry paint; on wet paint it clumps (common practice, no source). */
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
        return Severity::Warn;
    }

    public function school(): null
    {
        return null;
    }

    public function constraints(Preparation $design): array
    {
        $constraints = [];
        foreach ($design->touching() as [$wet, $powder]) {
            if ($wet < $powder && $design->layers[$powder] === Layer::Powder && $design->covers($wet) && ! $design->dryAfter($wet)->isZero()) {
                $dry = $design->dryAfter($wet);
                $why = "Wet paint goes on dry powder, powder does not go on wet paint: “{$design->name($wet)}” is dry {$dry->format()} after it was laid.";
                $constraints[] = Constraint::of($this, $wet, $powder, $why, $dry->milliseconds);
            }
        }

        return $constraints;
    }
}
