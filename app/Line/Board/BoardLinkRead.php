<?php

declare(strict_types=1);

namespace App\Line\Board;

use App\Models\Line\BoardLink;

/** The link to a day's board, for whoever may hand it on. */
final readonly class BoardLinkRead
{
    public function __construct(public string $token, public bool $showsNames) {}

    public static function of(BoardLink $link): self
    {
        return new self($link->token, $link->shows_names);
    }
}
