<?php

declare(strict_types=1);

namespace App\Line\Taps;

use App\Database\Statement;
use App\Models\Bench\FacePlan;
use App\Models\Plan\EventDay;
use Core\Line\EventValues;
use Core\Line\FacePlan as CoreFacePlan;
use Core\Line\LineEvent;
use Core\Line\NeedsWholeDay;
use Core\Line\Story;
use Core\Line\StoryValues;
use Core\Line\UnknownStory;
use Illuminate\Database\Query\Builder;
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
    public function __invoke(EventDay $day): Story
    {
        return $this->told($day, ...Statement::together(...self::statements($day)));
    }

    /** @return list{Statement, Statement} the story that was kept, and what came since */
    public static function statements(EventDay $day): array
    {
        $kept = DB::table('line_stories')->where('event_day_id', $day->id);
        $since = new Expression("coalesce(({$kept->clone()->select('seq')->toRawSql()}), 0)");

        return [Statement::of($kept->select('story')), Statement::of(self::rows($day, $since))];
    }

    /**
     * @param  list<stdClass>  $kept  the story, if one was kept
     * @param  list<stdClass>  $since  rows of events
     */
    public function told(EventDay $day, array $kept, array $since): Story
    {
        /** @var list<stdClass&object{story: string}> $kept */
        if ($kept === []) {
            return Story::of($this->read($since));
        }
        try {
            /** @var Values $values */
            $values = json_decode($kept[0]->story, true, flags: JSON_THROW_ON_ERROR);

            return StoryValues::read($values)->with($this->read($since));
        } catch (NeedsWholeDay|UnknownStory) {
            return $this->fromTheBeginning($day);
        }
    }

    public function fromTheBeginning(EventDay $day): Story
    {
        return Story::of($this->events($day, 0));
    }

    /**
     * What was tapped on a day, as the core knows it.
     *
     * @return list<LineEvent> those that arrived after the one of that number, in the order they did
     */
    public function events(EventDay $day, int $afterSeq): array
    {
        return $this->read(self::rows($day, $afterSeq)->get()->all());
    }

    /** @param  int|Expression<non-falsy-string>  $afterSeq */
    public static function rows(EventDay $day, int|Expression $afterSeq): Builder
    {
        return DB::table('chair_events')
            ->leftJoin('tickets', 'tickets.id', '=', 'chair_events.ticket_id')
            ->where('chair_events.event_day_id', $day->id)
            ->where('chair_events.seq', '>', $afterSeq)
            ->orderBy('chair_events.seq')
            ->select(EventRow::columns());
    }

    /**
     * @param  array<array-key, stdClass>  $rows
     * @return list<LineEvent>
     */
    public function read(array $rows): array
    {
        /** @var list<stdClass&object{more: string|null}> $rows */
        $rows = array_values($rows);
        $said = array_map(EventRow::read(...), $rows);
        $plans = $this->plans(array_values(array_unique(array_column($said, 'plan'))));

        return array_map(static fn (array $one): LineEvent => EventValues::read($one, $plans)->event, $said);
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, CoreFacePlan>
     */
    private function plans(array $ids): array
    {
        $plans = [];
        foreach ($ids === [] ? [] : FacePlan::query()->whereIn('id', $ids)->get() as $plan) {
            $plans[$plan->id] = $plan->toCore();
        }

        return $plans;
    }
}
