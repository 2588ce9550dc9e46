<?php

declare(strict_types=1);

namespace App\Rules;

use Closure;
use Illuminate\Contracts\Validation\DataAwareRule;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Support\Arr;

/** Stands once in its list, whatever else is sent there; letters in capitals are the same. Laravel's own rule trips over lists. */
final class Distinct implements DataAwareRule, ValidationRule
{
    /** @var array<array-key, mixed> */
    private array $data = [];

    /** @var array<string, array<string, int>> how often each value stands in each list */
    private array $counts = [];

    /** @param  string|null  $message  said instead of the usual one */
    public function __construct(private readonly ?string $message = null) {}

    /** @param  array<array-key, mixed>  $data */
    public function setData(array $data): self
    {
        // The same data comes with each value of a list.
        if ($data !== $this->data) {
            $this->data = $data;
            $this->counts = [];
        }

        return $this;
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        preg_match('/^(.*)\.\d+(?:\.(\D[^.]*))?$/', $attribute, $parts);
        [$list, $field] = [$parts[1] ?? $attribute, $parts[2] ?? ''];
        $counts = $this->counts["{$list} {$field}"] ??= $this->countIn($list, $field);
        if (! is_string($value) || ($counts[mb_strtolower($value)] ?? 0) < 2) {
            return;
        }
        $this->message === null ? $fail('validation.distinct')->translate() : $fail($this->message);
    }

    /** @return array<string, int> */
    private function countIn(string $list, string $field): array
    {
        $counts = [];
        $all = Arr::get($this->data, $list);
        foreach (is_array($all) ? $all : [] as $one) {
            $value = $field === '' || ! is_array($one) ? $one : ($one[$field] ?? null);
            if (is_string($value)) {
                $word = mb_strtolower($value);
                $counts[$word] = ($counts[$word] ?? 0) + 1;
            }
        }

        return $counts;
    }
}
