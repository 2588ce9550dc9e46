<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Order\Constraint;
use Core\Order\Layer;
use Core\Order\OrdersSteps;
use Core\Order\Preparation;
use Core\Order\Severity;

/** A stroke takes up some of the wet film below: yellow on wet blue turns green (Kubelka and Munk mixture of the two). */
final readonly class ShapeOnWet implements OrdersSteps
{
    public function id(): string
    {
        return 'shape-on-wet';
    }

    public function title(): string
    {
        return 'Shapes that turn on wet paint';
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
        foreach ($design->touching() as [$one, $other]) {
            if ($design->layers[$other] === Layer::Shape && $design->films[$other] !== null && $design->liesOn($other, $one) && $design->turnsOnWet($other, $one)) {
                $why = "“{$design->name($other)}” would turn {$design->turned($other, $one)} on wet “{$design->name($one)}”, which is dry {$design->dryAfter($one)->format()} after it was laid.";
                $constraints[] = new Constraint($this->id(), $this->severity(), $one, $other, $why, $design->dryAfter($one)->milliseconds);
            }
        }

        return $constraints;
    }
}
