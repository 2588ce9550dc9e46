<?php

declare(strict_types=1);

namespace App\Logbook\Faces;

use App\Database\Page;
use App\Models\Logbook\Face;
use App\Models\Plan\EventDay;
use App\Plan\Days\DayFacts;
use Core\Line\TicketStatus;
use Core\Units\Duration;

/** Days and years with faces in the logbook. */
final readonly class LoggedDays
{
    /**
     * The days of a team that have faces in the logbook, newest first.
     *
     * @return list<LoggedDay> newest first
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

        return array_values($days->map(static function (EventDay $day) use ($sums): LoggedDay {
            /** @var \stdClass&object{faces: int, painted_ms: int, chair_ms: int} $sum */
            $sum = $sums[$day->id];

            return new LoggedDay(
                day: DayFacts::of($day),
                faces: $sum->faces,
                painted: Duration::ofMilliseconds($sum->painted_ms),
                inChair: Duration::ofMilliseconds($sum->chair_ms),
            );
        })->all());
    }

    /**
     * What a team painted in each year.
     *
     * @return list<LoggedYear> newest first
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

        return array_map(static fn (object $row): LoggedYear => new LoggedYear(
            year: $row->year,
            days: $row->days,
            faces: $row->faces,
            painted: Duration::ofMilliseconds($row->painted_ms),
            inChair: Duration::ofMilliseconds($row->chair_ms),
        ), $rows);
    }
}
