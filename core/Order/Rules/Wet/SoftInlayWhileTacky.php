<?php

declare(strict_types=1);

namespace Core\Order\Rules\Wet;

use Core\Order\Constraint;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\OrdersSteps;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\Defaults;
use Core\Order\DesignFacts;
use Core\Units\Duration;

/** Ear pink, cheek blush: soft inlays go on while the base is not yet quite dry (common practice, no source). */
#[RuleInfo('Soft inlay while tacky', Severity::Warn)]
final readonly class SoftInlayWhileTacky implements OrdersSteps
{
    use HasRuleInfo;

    public function constraints(DesignFacts $design): array
    {
        $constraints = [];
        foreach (array_keys($design->steps) as $at) {
            $ground = $design->isInlay($at) ? $design->groundUnder($at) : null;
            if ($ground !== null) {
                $dry = $design->dryAfter($ground);
                $why = "“{$design->name($at)}” blends softly into “{$design->name($ground)}” while that is tacky; it is dry "
                    ."{$dry->format()} after it was laid.";
                $constraints[] = Constraint::of(
                    rule: $this,
                    from: $ground,
                    to: $at,
                    why: $why,
                    least: 0,
                    most: $dry->plus(Duration::ofSeconds(Defaults::INLAY_LATE_SECONDS))->milliseconds,
                );
            }
        }

        return $constraints;
    }
}
