<?php

declare(strict_types=1);

namespace App\Line\Taps;

use App\Models\Bench\FacePlan;
use App\Models\Plan\EventDay;
use Core\Line\EventKind;
use Core\Line\FacePlan as CoreFacePlan;
use Core\Line\LineEvent;
use Core\Units\Instant;
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
            ->select(['chair_events.id', 'kind', 'at_ms', 'ticket_id', 'number', 'first_name', 'design_id', 'chair', 'plan_id',
                'step_id', 'before_ticket_id', 'target_id', 'painter_id', 'until_ms', 'more']);
    }

    /**
     * @param  array<array-key, stdClass>  $rows
     * @return list<LineEvent>
     */
    public function read(array $rows): array
    {
        /**
         * @var list<\stdClass&object{
         *     id: string, kind: string, at_ms: int, ticket_id: string|null, number: int|null, first_name: string|null,
         *     design_id: string|null, chair: int|null, plan_id: string|null, step_id: string|null,
         *     before_ticket_id: string|null, target_id: string|null, painter_id: string|null, until_ms: int|null,
         *     more: string|null
         * }> $rows
         */
        $rows = array_values($rows);
        $plans = $this->plans(array_values(array_unique(array_filter(array_column($rows, 'plan_id'), is_string(...)))));

        return array_map(static fn (object $row): LineEvent => self::event($row, $plans[(string) $row->plan_id] ?? null), $rows);
    }

    /**
     * @param  \stdClass&object{
     *     id: string, kind: string, at_ms: int, ticket_id: string|null, number: int|null, first_name: string|null,
     *     design_id: string|null, chair: int|null, step_id: string|null, before_ticket_id: string|null, target_id: string|null,
     *     painter_id: string|null, until_ms: int|null, more: string|null
     * }  $row
     */
    private static function event(object $row, ?CoreFacePlan $plan): LineEvent
    {
        $more = TapDetails::read($row->more);

        return new LineEvent(
            id: $row->id,
            kind: EventKind::from($row->kind),
            at: Instant::ofEpochMilliseconds($row->at_ms),
            ticket: $row->ticket_id,
            number: $row->number,
            firstName: $row->first_name,
            design: $row->design_id,
            chair: $row->chair,
            plan: $plan,
            step: $row->step_id,
            before: $row->before_ticket_id,
            target: $row->target_id,
            painter: $row->painter_id,
            until: $row->until_ms === null ? null : Instant::ofEpochMilliseconds($row->until_ms),
            party: $more->party,
            note: $more->note,
            answers: $more->answers,
            without: $more->without,
            reason: $more->reason,
            part: $more->part,
            cents: $more->cents,
            payment: $more->payment,
            spent: $more->spentTime(),
        );
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
