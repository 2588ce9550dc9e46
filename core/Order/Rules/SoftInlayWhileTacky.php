<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Order\Constraint;
use Core\Order\Defaults;
use Core\Order\OrdersSteps;
use Core\Order\Preparation;
use Core\Order\Severity;
use Core\Units\Duration;

/** Ear pink, cheek blush: soft inlays go on while the base is not yet quite dry (common practice, no source). */
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
        foreach (array_keys($design->steps) as $at) {
            $ground = $design->isInlay($at) ? $design->groundUnder($at) : null;
            if ($ground !== null) {
                $dry = $design->dryAfter($ground);
                $why = "“{$design->name($at)}” blends softly into “{$design->name($ground)}” while that is tacky; it is dry {$dry->format()} after it was laid.";
                $constraints[] = Constraint::of($this, $ground, $at, $why, 0, $dry->plus(Duration::ofSeconds(Defaults::INLAY_LATE_SECONDS))->milliseconds);
            }
        }

        return $constraints;
    }
}
