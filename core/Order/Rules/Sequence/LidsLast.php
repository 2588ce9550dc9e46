<?php

declare(strict_types=1);

namespace Core\Order\Rules\Sequence;

use Core\Design\Place\Zone;
use Core\Order\Constraint;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\OrdersSteps;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\DesignFacts;

/** For a touch-sensitive child: nose, then under the eyes, lids last (common practice, no source). */
#[RuleInfo('Lids last for who dislikes touch', Severity::Warn)]
final readonly class LidsLast implements OrdersSteps
{
    use HasRuleInfo;

    public function constraints(DesignFacts $design): array
    {
        $constraints = [];
        foreach ($design->design->audience->isGentle ? $design->steps : [] as $lid => $step) {
            foreach ($this->isOnLid($design, $lid) ? $design->steps : [] as $other => $its) {
                if (! $this->isOnLid($design, $other) && $its->medium->isPaintedOn() && ! $design->touch($lid, $other)) {
                    $why = "{$design->design->name} suits a child who dislikes touch, and the lids are the worst of it: "
                        ."“{$step->name}” comes after “{$its->name}”.";
                    $constraints[] = Constraint::of($this, $other, $lid, $why);
                }
            }
        }

        return $constraints;
    }

    private function isOnLid(DesignFacts $design, int $at): bool
    {
        return $design->steps[$at]->medium->isPaintedOn() && in_array(Zone::Eyelid, $design->steps[$at]->zones, true);
    }
}
