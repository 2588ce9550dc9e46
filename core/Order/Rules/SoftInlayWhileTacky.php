<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Order\Constraint;
use Core\Order\OrdersSteps;
use Core\Order\Preparation;
use Core\Order\Severity;

/** Ear pink, cheek blush: soft inlays go on while the base is tacky (common practice, no source). */
final readonly class SoftInlayWhileTacky implements OrdersSteps
{
    public function id(): string
    {
        return 'soft-inlay-while-tacky';
    }

    public function title(): string
    {
        return 'Soft inlay while tacky';
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
        foreach ($design->steps as $at => $step) {
            $base = $design->isInlay($at) ? $design->baseUnder($at) : null;
            if ($base !== null) {
                [$tacky, $dry] = [$design->tackyAfter($base), $design->dryAfter($base)];
                $why = "“{$step->name}” blends softly into “{$design->name($base)}” while that is tacky, {$tacky->format()} to {$dry->format()} after it was laid.";
                $constraints[] = Constraint::of($this, $base, $at, $why, $tacky->milliseconds, $dry->milliseconds);
            }
        }

        return $constraints;
    }
}
