<?php

declare(strict_types=1);

namespace App\Rules;

use BackedEnum;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/**
 * One of the values of an enum. Laravel's own rule for it is written out as text again and again while rules are compared,
 * which takes most of a request with many steps.
 */
final readonly class CaseOf implements ValidationRule
{
    /** @param  class-string<BackedEnum>  $enum */
    public function __construct(private string $enum) {}

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_string($value) || $this->enum::tryFrom($value) === null) {
            $fail('validation.enum')->translate();
        }
    }
}
