<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Http\Requests\TeamRequest;
use App\Rules\Distinct;

/** What a team packs besides its kit, whole. */
final class ExtrasRequest extends TeamRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'extras' => ['present', 'list', 'max:100'],
            'extras.*.name' => ['required', 'string', 'max:60', new Distinct('“:input” is on the list already. Count that one up.')],
            'extras.*.howMany' => ['required', 'integer', 'between:1,999'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'extras.*.name.required' => 'What is to be packed? Call it by its name.',
            'extras.*.howMany.*' => 'How many of it? Say :min to :max.',
        ];
    }

    /** @return list<array{name: string, howMany: int}> */
    public function extras(): array
    {
        /** @var list<array{name: string, howMany: int}> */
        return $this->validated('extras');
    }
}
