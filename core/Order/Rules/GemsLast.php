<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Order\Card;
use Core\Order\Constraint;
use Core\Order\HasCard;
use Core\Order\Layer;
use Core\Order\OrdersSteps;
use Core\Order\Preparation;
use Core\Order\Severity;

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
