<?php

declare(strict_types=1);

namespace App\Line\Board;

use App\Line\Taps\TellScreens;
use App\Line\Told\ChannelOfDay;
use App\Models\Line\BoardLink;
use App\Models\Plan\EventDay;

/** From now on the link leads nowhere, and whoever looks at the board sees so at once. */
final readonly class RevokeBoard
{
    public function __construct(private ChannelOfDay $channel, private TellScreens $tell) {}

    public function __invoke(EventDay $day): void
    {
        $channel = $this->channel->ofBoard($day);
        BoardLink::query()->whereKey($day->id)->delete();
        if ($channel !== null) {
            $this->tell->say(0, $channel);
        }
    }
}
