<?php

declare(strict_types=1);

namespace Core\Design\Wording;

/** What is asked where two readings would paint different things; the first choice is assumed meanwhile. */
final readonly class Question
{
    /** @param  non-empty-list<Choice>  $choices  the assumed one first */
    public function __construct(public string $asks, public array $choices) {}
}
