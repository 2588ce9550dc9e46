<?php

declare(strict_types=1);

namespace App\Logbook\Faces;

use App\Database\Page;
use App\Models\Logbook\Face;
use App\Models\Plan\EventDay;
use App\Plan\Days\DayFacts;
use App\Plan\Days\DaySummary;
use Core\Line\TicketStatus;

/** Days and years with faces in the logbook. */
final readonly class LoggedDays
{
    /**
     * The days of a team that have faces in the logbook, newest first.
     *
     * @return list<LogDay> newest first
     */
    public function days(string $teamId, Page $page): array
    {
        $finished = Face::ofTeam($teamId)->where('outcome', TicketStatus::Finished->value);
        $logged = EventDay::ofTeam($teamId);
        $logged->whereExists($finished->clone()->whereColumn('faces.event_day_id', 'event_days.id'));
        $days = $page->of($logged, 'opens_ms', 'desc');
        $sums = $finished->toBase()
            ->whereIn('event_day_id', $days->modelKeys())
            ->groupBy('event_day_id')
            ->selectRaw('event_day_id, count(*) as faces, cast(sum(painted_ms) as signed) as painted_ms')
            ->selectRaw('cast(sum(ended_ms - seated_ms) as signed) as chair_ms')
            ->get()->keyBy('event_day_id');

        return array_values($days->map(static function (EventDay $day) use ($sums): LogDay {
            /** @var \stdClass&object{faces: int, painted_ms: int, chair_ms: int} $sum */
            $sum = $sums[$day->id];

            return new LogDay(
                day: DaySummary::of(DayFacts::of($day)),
                faces: $sum->faces,
                paintedMs: $sum->painted_ms,
                chairMs: $sum->chair_ms,
            );
        })->all());
    }

    /**
     * What a team painted in each year.
     *
     * @return list<LogYear> newest first
     */
    public function years(string $teamId): array
    {
        /** @var list<\stdClass&object{year: int, days: int, faces: int, painted_ms: int, chair_ms: int}> $rows */
        $rows = Face::ofTeam($teamId)->where('outcome', TicketStatus::Finished->value)->toBase()
            ->join('event_days', 'event_days.id', '=', 'faces.event_day_id')
            // By UTC: a fair on New Year's Eve may count to either year. Added up, as what FROM_UNIXTIME takes ends in 2038.
            ->selectRaw('year(from_unixtime(0) + interval event_days.opens_ms div 1000 second) as year')
            ->selectRaw('count(distinct faces.event_day_id) as days, count(*) as faces')
            ->selectRaw('cast(sum(painted_ms) as signed) as painted_ms, cast(sum(ended_ms - seated_ms) as signed) as chair_ms')
            ->groupBy('year')->orderByDesc('year')->get()->all();

        return array_map(static fn (object $row): LogYear => new LogYear(
            year: $row->year,
            days: $row->days,
            faces: $row->faces,
            paintedMs: $row->painted_ms,
            chairMs: $row->chair_ms,
        ), $rows);
    }
}
