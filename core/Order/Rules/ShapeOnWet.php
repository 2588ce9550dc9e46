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
        return Constraint::betweenTouching(
            $this,
            $design,
            static fn (int $one, int $other): bool => $design->layers[$other] === Layer::Shape && $design->films[$other] !== null && $design->liesOn($other, $one) && $design->turnsOnWet($other, $one),
            static fn (int $one, int $other): string => "“{$design->name($other)}” would turn {$design->turned($other, $one)} on wet “{$design->name($one)}”, which is dry {$design->dryAfter($one)->format()} after it was laid.",
            static fn (int $one, int $other): int => $design->dryAfter($one)->milliseconds,
        );
    }
}
