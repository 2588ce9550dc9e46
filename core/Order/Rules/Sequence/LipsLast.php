<?php

declare(strict_types=1);

namespace Core\Order\Rules\Sequence;

use Core\Design\Place\Zone;
use Core\Order\Constraint;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\OrdersSteps;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\Defaults;
use Core\Order\DesignFacts;
use Core\Units\Duration;

/** A painted lower lip smears with the first drink (common practice, no source). */
#[RuleInfo('Lips last', Severity::Warn)]
final readonly class LipsLast implements OrdersSteps
{
    use HasRuleInfo;

    public function constraints(DesignFacts $design): array
    {
        $constraints = [];
        foreach ($design->steps as $lips => $step) {
            foreach ($this->areLips($design, $lips) && $this->isLongBeforeTheEnd($design, $lips) ? $design->steps : [] as $other => $its) {
                if (! $this->areLips($design, $other) && $its->medium->isPaintedOn()) {
                    $why = "A painted lip smears while the rest is painted: “{$step->name}” comes after “{$its->name}”.";
                    $constraints[] = Constraint::of($this, $other, $lips, $why);
                }
            }
        }

        return $constraints;
    }

    /** What is painted in a few seconds more smears nothing. */
    private function isLongBeforeTheEnd(DesignFacts $design, int $lips): bool
    {
        $after = array_slice($design->durations, $lips + 1);

        return array_sum(array_map(
            static fn (Duration $duration): float => $duration->seconds(),
            $after,
        )) >= Defaults::LIPS_BEFORE_END_SECONDS;
    }

    private function areLips(DesignFacts $design, int $at): bool
    {
        $zones = $design->steps[$at]->zones;

        return $design->steps[$at]->paintsLips()
            && array_filter($zones, static fn (Zone $zone): bool => $zone !== Zone::Lips && $zone !== Zone::LowerLip) === [];
    }
}
