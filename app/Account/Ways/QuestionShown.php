<?php

declare(strict_types=1);

namespace App\Account\Ways;

use App\Http\Resources\Resource;
use Core\Order\Schools\Question;
use Core\Order\Schools\School;
use Core\Order\Schools\Schools;

/**
 * Where painters differ.
 *
 * @phpstan-type SchoolShown array{school: School, label: string}
 */
final readonly class QuestionShown extends Resource
{
    /** @param  list<SchoolShown>  $schools  the usual one first */
    public function __construct(public Question $question, public string $label, public array $schools, public School $chosen) {}

    public static function of(Question $question, Schools $schools): self
    {
        $shown = array_map(static fn (School $school): array => ['school' => $school, 'label' => $school->label()], $question->schools());

        return new self($question, $question->label(), $shown, $schools->on($question));
    }
}
