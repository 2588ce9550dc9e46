<?php

declare(strict_types=1);

namespace App\Line\Told;

use App\Line\Taps\StoryOfDay;
use App\Models\Account\User;
use App\Models\Line\Ticket;
use App\Models\Plan\EventDay;
use Core\Units\Instant;

/**
 * What somebody of the team lacks of the line of a day: the events since the version at hand, or all of it where that is another,
 * was long ago, or is not known.
 */
final readonly class NewsOfLine
{
    /** With more than so many, telling all is not much longer, and a browser has less to fold. Team's estimate. */
    private const MOST_EVENTS = 200;

    /** The line of a day on which more names were taken is not told by the way: workers that take taps do nothing that takes long. */
    private const MOST_NUMBERS = 400;

    public function __construct(private VersionOfLine $version, private StoryOfDay $storyOfDay, private LineOfDay $line) {}

    public function __invoke(EventDay $day, User $reader, ?LineVersion $since): LineNews
    {
        // First, so that it never names what is not told; told twice is no harm.
        $version = ($this->version)($day, $reader);
        $missed = $since === null || $since->rest !== $version->rest ? -1 : $version->newest - $since->newest;
        if ($since === null || $missed < 0) {
            return $this->whole($day, $reader, $version);
        }
        // The numbers are those of all days together: so many at most are this one's.
        $events = $missed === 0 ? [] : $this->storyOfDay->events($day, $since->newest);

        return count($events) > self::MOST_EVENTS
            ? $this->whole($day, $reader, $version)
            : LineNews::of(
                version: $version,
                now: Instant::ofEpochMilliseconds(now()->getTimestampMs()),
                whole: null,
                events: $events,
                showsMoney: $reader->role->paints(),
            );
    }

    private function whole(EventDay $day, User $reader, LineVersion $version): LineNews
    {
        if (Ticket::query()->where('event_day_id', $day->id)->max('number') > self::MOST_NUMBERS) {
            return LineNews::of(
                version: LineVersion::none(),
                now: Instant::ofEpochMilliseconds(now()->getTimestampMs()),
                whole: null,
                events: [],
                showsMoney: $reader->role->paints(),
            );
        }
        $read = ($this->line)($day, $reader);

        return LineNews::of(
            version: $read->version ?? $version,
            now: $read->now,
            whole: $read,
            events: [],
            showsMoney: $read->showsMoney,
        );
    }
}
