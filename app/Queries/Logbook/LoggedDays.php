<?php

declare(strict_types=1);

namespace App\Queries\Logbook;

use App\Http\Resources\Logbook\LogDay;
use App\Models\EventDay;
use App\Models\Face;
use App\Queries\Page;
use App\Queries\Plan\DaysOfTeam;
use Core\Line\TicketStatus;

/** The days of a team that have faces in the logbook, newest first. */
final readonly class LoggedDays
{
    public function __construct(private DaysOfTeam $days) {}

    /** @return list<LogDay> newest first */
    public function __invoke(string $teamId, Page $page): array
    {
        $finished = Face::ofTeam($teamId)->where('outcome', TicketStatus::Finished->value);
        $logged = EventDay::ofTeam($teamId);
        $logged->whereExists($finished->clone()->whereColumn('faces.event_day_id', 'event_days.id'));
        $days = $page->of($logged, 'opens_ms', 'desc');
        $sums = $finished->toBase()
            ->whereIn('event_day_id', $days->modelKeys())
            ->groupBy('event_day_id')
            ->selectRaw('event_day_id, count(*) as faces, cast(sum(painted_ms) as signed) as painted_ms')
            ->get()->keyBy('event_day_id');

        return array_values($days->map(function (EventDay $day) use ($sums): LogDay {
            /** @var \stdClass&object{faces: int, painted_ms: int} $sum */
            $sum = $sums[$day->id];

            return new LogDay($this->days->summary($day), $sum->faces, $sum->painted_ms);
        })->all());
    }
}
