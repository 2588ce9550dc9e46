<?php

declare(strict_types=1);

namespace Core\Order\Schools;

/** A painter's own answers; the usual one where none was given. */
final readonly class Schools
{
    /** @param  array<string, School>  $chosen  by the value of the question */
    private function __construct(private array $chosen) {}

    public static function usual(): self
    {
        return new self([]);
    }

    /** Schools that answer no question of theirs are no matter: each answers its own. */
    public static function of(School ...$schools): self
    {
        $chosen = [];
        foreach (Question::cases() as $question) {
            foreach ($schools as $school) {
                if (in_array($school, $question->schools(), true)) {
                    $chosen[$question->value] = $school;
                }
            }
        }

        return new self($chosen);
    }

    /** The same, but for the question that this school answers. */
    public function with(School $school): self
    {
        foreach (Question::cases() as $question) {
            if (in_array($school, $question->schools(), true)) {
                return new self([...$this->chosen, $question->value => $school]);
            }
        }

        return $this;
    }

    public function on(Question $question): School
    {
        return $this->chosen[$question->value] ?? $question->schools()[0];
    }

    public function follow(School $school): bool
    {
        foreach (Question::cases() as $question) {
            if ($this->on($question) === $school) {
                return true;
            }
        }

        return false;
    }
}
