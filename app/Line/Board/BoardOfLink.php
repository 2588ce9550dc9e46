<?php

declare(strict_types=1);

namespace App\Line\Board;

use App\Models\Line\BoardLink;

/** The board that a link leads to; null where it is revoked, or never was. */
final readonly class BoardOfLink
{
    public function __invoke(string $token): ?PublicBoard
    {
        $link = BoardLink::query()->where('token_hash', BoardLink::hash($token))->with('day')->first();

        return $link?->day === null ? null : new PublicBoard($link->day, $link->shows_names);
    }
}
