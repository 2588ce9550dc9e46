<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Search\Search;
use LogicException;

/** Which search, and from which of its lines on. */
final class SearchRequest extends TeamRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['from' => ['sometimes', 'integer', 'min:0', 'max:10000']];
    }

    public function from(): int
    {
        return $this->integer('from');
    }

    public function search(): Search
    {
        $search = $this->route('search');

        return $search instanceof Search ? $search : throw new LogicException('This address names no search.');
    }
}
