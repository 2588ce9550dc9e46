<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\TeamRequest;

/** Puts a design away, or takes it out again. */
final class ArchiveRequest extends TeamRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['archived' => ['required', 'boolean']];
    }
}
