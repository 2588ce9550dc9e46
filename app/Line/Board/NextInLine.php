<?php

declare(strict_types=1);

namespace App\Line\Board;

use App\Http\Resources\Resource;
use Core\Line\Ahead\NextChild;

/** Whom a chair takes next, and what all who wait gain together by it against taking whoever stands in front. */
final readonly class NextInLine extends Resource
{
    public function __construct(public string $ticketId, public int $savesMs) {}

    public static function of(NextChild $next): self
    {
        return new self($next->ticket, $next->saves);
    }
}
