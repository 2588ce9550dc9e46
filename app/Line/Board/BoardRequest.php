<?php

declare(strict_types=1);

namespace App\Line\Board;

use App\Http\Requests\TeamRequest;

/** What the board for parents shows. */
final class BoardRequest extends TeamRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['showsNames' => ['required', 'boolean']];
    }

    public function showsNames(): bool
    {
        return $this->boolean('showsNames');
    }
}
