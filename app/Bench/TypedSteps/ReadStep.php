<?php

declare(strict_types=1);

namespace App\Bench\TypedSteps;

use App\Http\Resources\Resource;
use Core\Design\Wording\Assumption;
use Core\Design\Wording\PartKind;
use Core\Design\Wording\StepReading;

/**
 * A step of a typed line, and what had to be assumed for it.
 *
 * @phpstan-type AssumedPart array{of: PartKind, value: string, because: string, choices: list<LineChoice>}
 */
final readonly class ReadStep extends Resource
{
    /** @param  list<AssumedPart>  $assumed */
    public function __construct(public StepLine $step, public array $assumed) {}

    /** @param  string  $text  of its line */
    public static function of(StepReading $reading, StepRead $step, string $text): self
    {
        return new self(StepLine::of($step), array_map(static fn (Assumption $one): array => [
            'of' => $one->of,
            'value' => $one->value,
            'because' => $one->because,
            'choices' => LineChoice::listOf($one->choices, $text, $reading->end),
        ], $reading->assumed));
    }
}
