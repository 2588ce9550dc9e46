<?php

declare(strict_types=1);

namespace App\Bench\TypedSteps;

use App\Http\Resources\Resource;
use Core\Design\Wording\LineKind;
use Core\Design\Wording\LineReading;
use Core\Design\Wording\Part;
use Core\Design\Wording\PartKind;
use Core\Design\Wording\StepReading;

/**
 * A typed line and what was understood of it.
 *
 * @phpstan-type LineQuestion array{asks: string, choices: list<LineChoice>}
 * @phpstan-type ReadPart array{kind: PartKind, start: int, length: int}
 */
final readonly class ReadLine extends Resource
{
    /**
     * @param  int  $number  1 for the first one of the list, blank ones counted
     * @param  list<ReadPart>  $parts  in the order of the line
     * @param  LineQuestion|null  $question
     * @param  list<ReadStep>  $steps  none for what is no step
     */
    public function __construct(
        public int $number,
        public string $text,
        public LineKind $kind,
        public array $parts,
        public ?array $question,
        public array $steps,
    ) {}

    /** @param  list<StepRead>  $steps  those that the line makes */
    public static function of(LineReading $line, array $steps): self
    {
        $question = $line->question();
        $asking = array_values(array_filter($line->steps, static fn (StepReading $step): bool => $step->question !== null))[0] ?? null;

        return new self(
            number: $line->number,
            text: $line->text,
            kind: $line->kind,
            parts: self::parts($line->parts),
            question: $question === null
                ? null
                : ['asks' => $question->asks, 'choices' => LineChoice::listOf($question->choices, $line->text, $asking->end ?? 0)],
            steps: array_map(
                static fn (StepReading $reading, StepRead $step): ReadStep => ReadStep::of($reading, $step, $line->text),
                $line->steps,
                $steps,
            ),
        );
    }

    /**
     * @param  list<Part>  $parts
     * @return list<ReadPart> but for words between
     */
    private static function parts(array $parts): array
    {
        $said = array_filter($parts, static fn (Part $part): bool => $part->kind !== PartKind::Between);

        return array_values(array_map(static fn (Part $part): array => [
            'kind' => $part->kind, 'start' => $part->start, 'length' => $part->length,
        ], $said));
    }
}
