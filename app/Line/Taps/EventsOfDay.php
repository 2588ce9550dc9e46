<?php

declare(strict_types=1);

namespace App\Line\Taps;

use App\Models\Bench\FacePlan;
use App\Models\Plan\EventDay;
use Core\Line\EventValues;
use Core\Line\FacePlan as CoreFacePlan;
use Core\Line\LineEvent;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\Expression;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What was tapped on a day, as the core knows it. */
final readonly class EventsOfDay
{
    /** @return list<LineEvent> those that arrived after the one of that number, in the order they did */
    public function __invoke(EventDay $day, int $afterSeq): array
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
