<?php

declare(strict_types=1);

namespace App\Http\Resources;

/** A typed line, what was understood of it, and the step that it says once nothing is left to ask. */
final readonly class ReadLine extends Resource
{
    /**
     * @param  list<ReadPart>  $parts
     * @param  list<string>  $questions
     */
    public function __construct(
        public string $text,
        public array $parts,
        public array $questions,
        public ?StepLine $step,
    ) {}
}
