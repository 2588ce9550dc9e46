<?php

declare(strict_types=1);

namespace App\Queries\Logbook;

use App\Http\Resources\Logbook\LogDay;
use App\Models\EventDay;
use App\Models\Face;
use App\Queries\Plan\DaysOfTeam;
use Core\Line\TicketStatus;

/** The days of a team that have faces in the logbook, newest first. */
final readonly class LoggedDays
{
    public function __construct(private DaysOfTeam $days) {}

    /** @return list<LogDay> */
    public function __invoke(string $teamId): array
    {
        $sums = Face::query()->toBase()
            ->where('team_id', $teamId)->where('outcome', TicketStatus::Finished->value)
            ->groupBy('event_day_id')
            ->selectRaw('event_day_id, count(*) as faces, cast(sum(painted_ms) as signed) as painted_ms')
            ->get()->keyBy('event_day_id');
        $days = EventDay::query()->whereIn('id', $sums->keys())->orderByDesc('opens_ms')->get();

        return array_values($days->map(function (EventDay $day) use ($sums): LogDay {
            /** @var \stdClass&object{faces: int, painted_ms: int} $sum */
            $sum = $sums[$day->id];

            return new LogDay($this->days->summary($day), $sum->faces, $sum->painted_ms);
        })->all());
    }
}
