<?php

declare(strict_types=1);

namespace App\Line\Board;

use App\Line\Taps\TellScreens;
use App\Line\Told\ChannelOfDay;
use App\Models\Line\BoardLink;
use App\Models\Plan\EventDay;
use Illuminate\Support\Str;

/** The links to a day's board for parents. */
final readonly class BoardLinks
{
    private const TOKEN_LETTERS = 32;

    public function __construct(private ChannelOfDay $channel, private TellScreens $tell) {}

    /**
     * Makes the link to a day's board, or changes what the one that is there shows.
     *
     * @param  bool  $showsNames  first names beside the numbers
     */
    public function share(EventDay $day, bool $showsNames): BoardLink
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

    /** From now on the link leads nowhere, and whoever looks at the board sees so at once. */
    public function revoke(EventDay $day): void
    {
        $channel = $this->channel->ofBoard($day);
        BoardLink::query()->whereKey($day->id)->delete();
        if ($channel !== null) {
            $this->tell->say(0, $channel);
        }
    }

    public function ofDay(EventDay $day): BoardLinkShown
    {
        $link = BoardLink::query()->find($day->id);

        return new BoardLinkShown($link === null ? null : url("board/{$link->token}"), $link?->shows_names === true);
    }

    /**
     * The board that a link leads to; null where it is revoked, or never was.
     *
     * @return array{day: EventDay, showsNames: bool}|null
     */
    public function board(string $token): ?array
    {
        $link = BoardLink::query()->where('token_hash', BoardLink::hash($token))->with('day')->first();

        return $link?->day === null ? null : ['day' => $link->day, 'showsNames' => $link->shows_names];
    }
}
