<?php

declare(strict_types=1);

namespace App\Bench\TypedSteps;

use App\Http\Resources\Resource;
use Core\Design\Wording\Assumption;
use Core\Design\Wording\StepReading;

/** A step of a typed line, and what had to be assumed for it. */
final readonly class ReadStep extends Resource
{
    /** @param  list<AssumedPart>  $assumed */
    public function __construct(public StepLine $step, public array $assumed) {}

    /** @param  string  $text  of its line */
    public static function of(StepReading $reading, StepRead $step, string $text): self
    {
        return new self(StepLine::of($step), array_map(static fn (Assumption $one): AssumedPart => new AssumedPart(
            $one->of,
            $one->value,
            $one->because,
            LineChoice::listOf($one->choices, $text, $reading->end),
        ), $reading->assumed));
    }
}
