<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Design\Zone;
use Core\Order\Constraint;
use Core\Order\OrdersSteps;
use Core\Order\Preparation;
use Core\Order\Severity;

/** For a touch-sensitive child: nose, then under the eyes, lids last (common practice, no source). */
final readonly class LidsLast implements OrdersSteps
{
    public function id(): string
    {
        return 'lids-last';
    }

    public function title(): string
    {
        return 'Lids last for who dislikes touch';
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
        foreach ($design->design->audience->isGentle ? $design->steps : [] as $lid => $step) {
            foreach ($this->isOnLid($design, $lid) ? $design->steps : [] as $other => $its) {
                if (! $this->isOnLid($design, $other) && $its->medium->isPaintedOn() && ! $design->touch($lid, $other)) {
                    $why = "{$design->design->name} suits a child who dislikes touch, and the lids are the worst of it: “{$step->name}” comes after “{$its->name}”.";
                    $constraints[] = Constraint::of($this, $other, $lid, $why);
                }
            }
        }

        return $constraints;
    }

    private function isOnLid(Preparation $design, int $at): bool
    {
        return $design->steps[$at]->medium->isPaintedOn() && in_array(Zone::Eyelid, $design->steps[$at]->zones, true);
    }
}
