<?php

declare(strict_types=1);

namespace App\Line\Taps;

use App\Models\Plan\EventDay;
use Core\Line\NeedsWholeDay;
use Core\Line\Story;
use Core\Line\StoryValues;
use Core\Line\UnknownStory;
use Illuminate\Support\Facades\DB;

/**
 * The story of a day, from the one that was kept last where that will do, else from the first of its events.
 *
 * @phpstan-import-type Values from StoryValues
 */
final readonly class StoryOfDay
{
    public function __construct(private EventsOfDay $events) {}

    public function __invoke(EventDay $day): Story
    {
        /** @var (\stdClass&object{seq: int, story: string, newest: int})|null $kept */
        $kept = DB::table('line_stories')->where('event_day_id', $day->id)
            ->select(['seq', 'story'])
            ->selectSub(DB::table('chair_events')->where('event_day_id', $day->id)->selectRaw('coalesce(max(seq), 0)'), 'newest')
            ->first();
        if ($kept === null) {
            return $this->fromTheBeginning($day);
        }
        try {
            /** @var Values $values */
            $values = json_decode($kept->story, true, flags: JSON_THROW_ON_ERROR);
            $story = StoryValues::read($values);

            return $kept->newest === $kept->seq ? $story : $story->with(($this->events)($day, $kept->seq));
        } catch (NeedsWholeDay|UnknownStory) {
            return $this->fromTheBeginning($day);
        }
    }

    public function fromTheBeginning(EventDay $day): Story
    {
        return Story::of(($this->events)($day, 0));
    }
}
