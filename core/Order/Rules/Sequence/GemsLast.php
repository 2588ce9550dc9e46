<?php

declare(strict_types=1);

namespace Core\Order\Rules\Sequence;

use Core\Order\Constraint;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\OrdersSteps;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\DesignFacts;
use Core\Order\Layer;

/** A hand that still paints knocks gems off (common practice, no source). */
#[RuleInfo('Gems last', Severity::Warn)]
final readonly class GemsLast implements OrdersSteps
{
    use HasRuleInfo;

    public function constraints(DesignFacts $design): array
    {
        $constraints = [];
        foreach ($design->layers as $gem => $layer) {
            foreach ($layer === Layer::Gem ? $design->layers : [] as $other => $its) {
                if ($its !== Layer::Gem && $its !== Layer::Bare && $its !== Layer::Glitter) {
                    $why = "Gems come last: “{$design->name($gem)}” would be knocked off by “{$design->name($other)}”.";
                    $constraints[] = Constraint::of($this, $other, $gem, $why);
                }
            }
        }

        return $constraints;
    }
}
