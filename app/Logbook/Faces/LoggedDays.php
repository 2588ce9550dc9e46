<?php

declare(strict_types=1);

namespace App\Logbook\Faces;

use App\Database\Page;
use App\Models\Logbook\Face;
use App\Models\Plan\EventDay;
use App\Plan\Days\DayFacts;
use Core\Line\TicketStatus;
use Core\Units\Duration;

/** The days of a team that have faces in the logbook, newest first. */
final readonly class LoggedDays
{
    /** @return list<LoggedDay> newest first */
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
}
