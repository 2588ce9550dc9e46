<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Core\Design\Defaults;

final class ReadLinesRequest extends TeamRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'lines' => ['required', 'list', 'max:'.Defaults::MOST_STEPS],
            'lines.*' => ['present', 'nullable', 'string', 'max:1000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'lines.required' => 'There is no line to read.',
            'lines.max' => 'A design holds :max steps at most. Paste fewer lines, or make two designs of it.',
            'lines.*.max' => 'Line :position is longer than :max letters. Put a shorter one, with the rest in a note.',
        ];
    }

    /** @return list<string> */
    public function lines(): array
    {
        /** @var list<string|null> $lines */
        $lines = $this->validated('lines');

        return array_map(static fn (?string $line): string => $line ?? '', $lines);
    }
}
