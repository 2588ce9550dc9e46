<?php

declare(strict_types=1);

namespace App\Line\Taps;

use App\Models\Plan\EventDay;
use Core\Line\Defaults;
use Core\Line\Story;
use Core\Line\StoryValues;
use Illuminate\Database\Query\Expression;
use Illuminate\Support\Facades\DB;

/** Keeps the story of a day now and then, so that the next tap need not begin at the first one. Runs while the day is locked. */
final readonly class KeepStory
{
    /** To fold so many taps on top costs less than to write the story anew for each of them. Measured. */
    private const EVERY = 20;

    /**
     * Whether it is time: one that was told from the first is kept at once, so that the next need not.
     *
     * @param  int  $taps  of the day
     * @param  int  $new  of those
     */
    public function isDue(Story $story, int $taps, int $new): bool
    {
        return count($story->line->ended()) > Defaults::ENDED_SHOWN + self::EVERY
            || intdiv($taps, self::EVERY) > intdiv($taps - $new, self::EVERY);
    }

    /** @param  Story  $story  of every event of the day */
    public function __invoke(EventDay $day, Story $story): void
    {
        $enough = $story->forgetting(Defaults::ENDED_SHOWN);
        $newest = DB::table('chair_events')->where('event_day_id', $day->id)->selectRaw('coalesce(max(seq), 0)');
        DB::table('line_stories')->upsert([[
            'event_day_id' => $day->id,
            'seq' => new Expression("({$newest->toRawSql()})"),
            'story' => json_encode(StoryValues::of($enough), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
            'events' => count($enough->events),
        ]], 'event_day_id');
    }
}
