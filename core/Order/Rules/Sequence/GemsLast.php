<?php

declare(strict_types=1);

namespace Core\Order\Rules\Sequence;

use Core\Order\Constraint;
use Core\Order\Craft\Card;
use Core\Order\Craft\HasCard;
use Core\Order\Craft\OrdersSteps;
use Core\Order\Craft\Severity;
use Core\Order\Layer;
use Core\Order\Preparation;

/** A hand that still paints knocks gems off (common practice, no source). */
#[Card('Gems last', Severity::Warn)]
final readonly class GemsLast implements OrdersSteps
{
    use HasCard;

    public function constraints(Preparation $design): array
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
