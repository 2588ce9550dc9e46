<?php

declare(strict_types=1);

namespace App\Bench\TypedSteps;

use App\Http\Resources\Resource;
use Core\Design\Wording\Choice;

/** Something that may be meant, and the whole line with it said. */
final readonly class LineChoice extends Resource
{
    public function __construct(public string $label, public string $text) {}

    /**
     * @param  list<Choice>  $choices
     * @return list<self>
     */
    public static function listOf(array $choices, string $text, int $end): array
    {
        return array_map(static fn (Choice $choice): self => new self($choice->label, $choice->madeIn($text, $end)), $choices);
    }
}
