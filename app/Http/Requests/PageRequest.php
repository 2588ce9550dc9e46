<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Database\Page;

/** Asks for a part of a long list. */
final class PageRequest extends TeamRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'first' => ['sometimes', 'integer', 'between:1,'.Page::MOST],
            'after' => ['sometimes', 'string', 'ulid'],
        ];
    }

    public function page(): Page
    {
        return new Page($this->integer('first', Page::MOST), $this->filled('after') ? $this->string('after')->lower()->toString() : null);
    }
}
