<?php

declare(strict_types=1);

namespace App\Line\Board;

use App\Models\Line\BoardLink;
use App\Models\Plan\EventDay;
use Illuminate\Support\Str;

/** Makes the link to a day's board, or changes what the one that is there shows. */
final readonly class ShareBoard
{
    private const TOKEN_LETTERS = 32;

    /** @param  bool  $showsNames  first names beside the numbers */
    public function __invoke(EventDay $day, bool $showsNames): BoardLink
    {
        $link = BoardLink::query()->find($day->id);
        if ($link !== null) {
            $link->update(['shows_names' => $showsNames]);

            return $link;
        }
        $token = Str::random(self::TOKEN_LETTERS);

        return BoardLink::query()->create([
            'event_day_id' => $day->id,
            'token' => $token,
            'token_hash' => BoardLink::hash($token),
            'shows_names' => $showsNames,
        ]);
    }
}
