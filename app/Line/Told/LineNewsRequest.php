<?php

declare(strict_types=1);

namespace App\Line\Told;

use App\Http\Requests\TeamRequest;

/** Asks for what is missing of a line. */
final class LineNewsRequest extends TeamRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['since' => ['nullable', 'string', 'max:60']];
    }

    /** What the reader has; null where nothing, or nothing that is known. */
    public function since(): ?LineVersion
    {
        return LineVersion::read($this->string('since')->value());
    }
}
