<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\TeamRequest;
use App\Rules\CaseOf;
use Core\Design\Defaults;
use Core\Design\Placement;

final class ReadListRequest extends TeamRequest
{
    /** Letters: a thousand long lines. */
    public const LONGEST_LIST = 100_000;

    public const LONGEST_LINE = 4000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'list' => ['present', 'nullable', 'string', 'max:'.self::LONGEST_LIST],
            'placement' => ['sometimes', 'nullable', new CaseOf(Placement::class)],
            'above' => ['sometimes', 'list', 'max:'.Defaults::MOST_STEPS],
            'above.*' => ['required', 'string', 'max:'.self::LONGEST_LINE],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'list.present' => 'There is no list to read.',
            'list.max' => 'A list is read up to :max letters. Paste it in parts.',
        ];
    }

    public function list(): string
    {
        return $this->string('list')->toString();
    }

    public function placement(): ?Placement
    {
        return $this->filled('placement') ? Placement::from($this->string('placement')->toString()) : null;
    }

    /** @return list<string> */
    public function above(): array
    {
        /** @var list<string> $above */
        $above = $this->validated('above', []);

        return $above;
    }
}
