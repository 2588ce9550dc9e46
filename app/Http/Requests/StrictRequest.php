<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Illuminate\Support\Stringable;

/** In JSON a number is a number and a yes is a yes: "1" and true are no count. An address can say all only in letters. */
abstract class StrictRequest extends FormRequest
{
    private const STRICT = ['integer' => 'integer:strict', 'numeric' => 'numeric:strict', 'boolean' => 'boolean:strict'];

    /** What is no word at all, such as a list, reads as an empty one: its own rule says what is wrong with it. */
    final public function string($key, $default = null): Stringable
    {
        $value = $this->input($key, $default);

        return Str::of(is_scalar($value) ? (string) $value : '');
    }

    /** @return array<string, mixed> */
    final protected function validationRules(): array
    {
        /** @var array<string, list<mixed>> $rules */
        $rules = parent::validationRules();
        // What is no word is not asked whether it is a date, too.
        $rules = array_map(static fn (array $own): array => ['bail', ...$own], $rules);

        return $this->isJson() && ! $this->isMethod('GET') ? self::strictly($rules) : $rules;
    }

    /**
     * @param  array<string, list<mixed>>  $rules
     * @return array<string, list<mixed>>
     */
    final protected static function strictly(array $rules): array
    {
        return array_map(static fn (array $own): array => array_map(
            static fn (mixed $rule): mixed => is_string($rule) ? self::STRICT[$rule] ?? $rule : $rule,
            $own,
        ), $rules);
    }
}
