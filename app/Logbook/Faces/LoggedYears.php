<?php

declare(strict_types=1);

namespace App\Logbook\Faces;

use App\Models\Logbook\Face;
use Core\Line\TicketStatus;
use Core\Units\Duration;

/** What a team painted in each year. */
final readonly class LoggedYears
{
    /** @return list<LoggedYear> newest first */
    public function __invoke(string $teamId): array
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
