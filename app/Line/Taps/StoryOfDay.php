<?php

declare(strict_types=1);

namespace App\Line\Taps;

use App\Database\Statement;
use App\Models\Plan\EventDay;
use Core\Line\NeedsWholeDay;
use Core\Line\Story;
use Core\Line\StoryValues;
use Core\Line\UnknownStory;
use Illuminate\Database\Query\Expression;
use Illuminate\Support\Facades\DB;
use stdClass;

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
        return $this->told($day, ...Statement::together(...self::statements($day)));
    }

    /** @return list{Statement, Statement} the story that was kept, and what came since */
    public static function statements(EventDay $day): array
    {
        $kept = DB::table('line_stories')->where('event_day_id', $day->id);
        $since = new Expression("coalesce(({$kept->clone()->select('seq')->toRawSql()}), 0)");

        return [Statement::of($kept->select('story')), Statement::of(EventsOfDay::rows($day, $since))];
    }

    /**
     * @param  list<stdClass>  $kept  the story, if one was kept
     * @param  list<stdClass>  $since  rows of events
     */
    public function told(EventDay $day, array $kept, array $since): Story
    {
        /** @var list<stdClass&object{story: string}> $kept */
        if ($kept === []) {
            return Story::of($this->events->read($since));
        }
        try {
            /** @var Values $values */
            $values = json_decode($kept[0]->story, true, flags: JSON_THROW_ON_ERROR);

            return StoryValues::read($values)->with($this->events->read($since));
        } catch (NeedsWholeDay|UnknownStory) {
            return $this->fromTheBeginning($day);
        }
    }

    public function fromTheBeginning(EventDay $day): Story
    {
        return Story::of(($this->events)($day, 0));
    }
}
