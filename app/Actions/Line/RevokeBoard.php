<?php

declare(strict_types=1);

namespace App\Actions\Line;

use App\Models\BoardLink;
use App\Models\EventDay;
use App\Queries\Line\ChannelOfDay;

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
