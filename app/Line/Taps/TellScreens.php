<?php

declare(strict_types=1);

namespace App\Line\Taps;

use App\Line\Told\ChannelOfDay;
use App\Models\Plan\EventDay;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;

/** Says on the channels of a day that something of it changed, where the web server takes such messages. */
final readonly class TellScreens
{
    /** A worker that waits here takes no tap: where word is not taken at once, screens hear of it later. */
    private const PATIENCE_SECONDS = 0.5;

    public function __construct(private ChannelOfDay $channel) {}

    /** @param  bool  $isTapped  nothing has changed but by taps: whoever has heard of the newest one lacks nothing */
    public function __invoke(EventDay $day, bool $isTapped): void
    {
        $channels = array_filter([($this->channel)($day), $this->channel->ofBoard($day)], is_string(...));
        if ($channels !== []) {
            $newest = $isTapped ? DB::table('chair_events')->where('event_day_id', $day->id)->max('seq') : 0;
            $this->say(is_numeric($newest) ? (int) $newest : 0, ...$channels);
        }
    }

    /** @param  int  $newest  number of the newest tap; 0 where something else has changed */
    public function say(int $newest, string ...$channels): void
    {
        foreach ($channels as $channel) {
            try {
                Http::withOptions(['curl' => [CURLOPT_UNIX_SOCKET_PATH => config()->string('push.socket')]])
                    ->timeout(self::PATIENCE_SECONDS)->withBody((string) $newest, 'text/plain')->post("http://push/{$channel}");
            } catch (ConnectionException) {
                // Screens ask by themselves now and then: they hear of it later.
            }
        }
    }
}
