<?php

declare(strict_types=1);

namespace App\Queries;

use App\Http\Resources\ColourSwatch;
use App\Http\Resources\StepLine;
use Core\Design\Colour;
use Core\Design\Step;
use Core\Design\Wording\StepPrinter;

/** A step as the bench edits it: in fields, and as one line. */
final readonly class StepOnBench
{
    public function __invoke(Step $step): StepLine
    {
        return new StepLine(
            $step->id,
            $step->name,
            $step->medium,
            $step->tool,
            array_map(static fn (Colour $colour) => new ColourSwatch($colour->name, $colour->hex), $step->colours),
            $step->zones,
            $step->side,
            $step->coats,
            $step->time->formatExactly(),
            $step->time->milliseconds,
            $step->dryFor->isZero() ? '' : $step->dryFor->formatExactly(),
            $step->dryFor->milliseconds,
            $step->optional,
            $step->note,
            StepPrinter::print($step),
        );
    }
}
