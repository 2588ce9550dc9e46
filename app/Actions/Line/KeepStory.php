<?php

declare(strict_types=1);

namespace App\Actions\Line;

use App\Models\EventDay;
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

    /** @param  Story  $story  of every event of the day */
    public function __invoke(EventDay $day, Story $story): void
    {
        $kept = DB::table('line_stories')->where('event_day_id', $day->id)->value('seq');
        $since = DB::table('chair_events')->where('event_day_id', $day->id)->where('seq', '>', is_numeric($kept) ? (int) $kept : 0);
        if ($since->count() < self::EVERY) {
            return;
        }
        $newest = DB::table('chair_events')->where('event_day_id', $day->id)->selectRaw('coalesce(max(seq), 0)');
        DB::table('line_stories')->upsert([[
            'event_day_id' => $day->id,
            'seq' => new Expression("({$newest->toRawSql()})"),
            'story' => json_encode(
                StoryValues::of($story->forgetting(Defaults::ENDED_SHOWN)),
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
            ),
        ]], 'event_day_id');
    }
}
