<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Order\Constraint;
use Core\Order\Layer;
use Core\Order\OrdersSteps;
use Core\Order\Preparation;
use Core\Order\Severity;

/** A hand that still paints knocks gems off (common practice, no source). */
final readonly class GemsLast implements OrdersSteps
{
    public function id(): string
    {
        return 'gems-last';
    }

    public function title(): string
    {
        return 'Gems last';
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
