<?php

declare(strict_types=1);

namespace App\Actions\Line;

use App\Models\EventDay;
use App\Queries\Line\ChannelOfDay;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;

/** Says on the channels of a day that something of it changed, where the web server takes such messages. */
final readonly class TellScreens
{
    private const PATIENCE_SECONDS = 2;

    public function __construct(private ChannelOfDay $channel) {}

    public function __invoke(EventDay $day): void
    {
        $channels = array_filter([($this->channel)($day), $this->channel->ofBoard($day)], is_string(...));
        $newest = $channels === [] ? 0 : DB::table('chair_events')->where('event_day_id', $day->id)->max('seq');
        foreach ($channels as $channel) {
            try {
                Http::withOptions(['curl' => [CURLOPT_UNIX_SOCKET_PATH => config()->string('push.socket')]])->timeout(self::PATIENCE_SECONDS)
                    ->withBody((string) (is_numeric($newest) ? $newest : 0), 'text/plain')->post("http://push/{$channel}");
            } catch (ConnectionException) {
                // Screens ask by themselves now and then: they hear of it later.
            }
        }
    }
}
