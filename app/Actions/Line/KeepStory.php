<?php

declare(strict_types=1);

namespace App\Actions\Line;

use App\Models\EventDay;
use Core\Line\Story;
use Core\Line\StoryValues;
use Illuminate\Database\Query\Expression;
use Illuminate\Support\Facades\DB;

/** Keeps the story of a day, so that the next tap need not begin at the first one. Runs while the day is locked. */
final readonly class KeepStory
{
    /** @param  Story  $story  of every event of the day, without those who were forgotten */
    public function __invoke(EventDay $day, Story $story): void
    {
        $newest = DB::table('chair_events')->where('event_day_id', $day->id)->selectRaw('coalesce(max(seq), 0)');
        DB::table('line_stories')->upsert([[
            'event_day_id' => $day->id,
            'seq' => new Expression("({$newest->toRawSql()})"),
            'story' => json_encode(StoryValues::of($story), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        ]], 'event_day_id');
    }
}
