<?php

declare(strict_types=1);

namespace App\Plan\Earlier;

use App\Models\Logbook\Face;
use App\Models\Plan\EventDay;
use App\Models\Plan\KeptForecast;
use Core\Line\EventKind;
use Core\Line\TicketStatus;
use Core\Plan\MetForecast;
use Core\Units\Duration;
use Core\Units\Instant;

/** How the forecasts of a team's last days met the days, the newest first. */
final readonly class ForecastsMet
{
    private const DAYS = 8;

    /** @return list<ForecastMet> */
    public function __invoke(string $teamId): array
    {
        $days = EventDay::ofTeam($teamId)->where('closes_ms', '<', now()->getTimestampMs())
            ->whereIn('id', KeptForecast::query()->select('event_day_id'))->orderByDesc('opens_ms')->limit(self::DAYS)->get();
        /** @var list<string> $ids */
        $ids = $days->pluck('id')->all();
        $kept = KeptForecast::query()->whereIn('event_day_id', $ids)->get()->keyBy('event_day_id');
        $waited = self::waited($teamId, $ids);
        /** @var array<string, \stdClass&object{faces: int, mean: string|float}> $painted */
        $painted = Face::ofTeam($teamId)->toBase()->whereIn('event_day_id', $ids)->where('outcome', TicketStatus::Finished->value)
            ->groupBy('event_day_id')->selectRaw('event_day_id, count(*) as faces, avg(painted_ms) as mean')->get()
            ->keyBy('event_day_id')->all();
        $met = [];
        foreach ($days as $day) {
            $forecast = $kept->get($day->id);
            if ($forecast !== null && isset($painted[$day->id])) {
                $met[] = self::met($day, $forecast, $painted[$day->id], $waited[$day->id] ?? []);
            }
        }

        return $met;
    }

    /**
     * @param  \stdClass&object{faces: int, mean: string|float}  $painted
     * @param  list<int>  $waits  milliseconds
     */
    private static function met(EventDay $day, KeptForecast $forecast, object $painted, array $waits): ForecastMet
    {
        sort($waits);

        return new ForecastMet(
            name: $day->name,
            opens: Instant::ofEpochMilliseconds($day->opens_ms),
            timezone: $day->timezone,
            met: new MetForecast(
                foreseen: $forecast->faces,
                low: $forecast->faces_low,
                high: $forecast->faces_high,
                painted: $painted->faces,
                meanForeseen: Duration::ofMilliseconds($forecast->mean_face_ms),
                meanPainted: Duration::ofMilliseconds((int) round((float) $painted->mean)),
            ),
            waitForeseen: Duration::ofMilliseconds($forecast->wait_half_ms),
            waited: Duration::ofMilliseconds($waits === [] ? 0 : $waits[intdiv(count($waits), 2)]),
        );
    }

    /**
     * @param  list<string>  $days
     * @return array<string, list<int>> milliseconds from the name to the chair, by day
     */
    private static function waited(string $teamId, array $days): array
    {
        /** @var list<\stdClass&object{event_day_id: string, wait: int}> $rows */
        $rows = Face::ofTeam($teamId)->toBase()->join('chair_events', 'chair_events.ticket_id', '=', 'faces.ticket_id')
            ->where('chair_events.kind', EventKind::Joined->value)->whereIn('faces.event_day_id', $days)
            ->selectRaw('faces.event_day_id, greatest(0, cast(seated_ms as signed) - cast(at_ms as signed)) as wait')->get()->all();
        $waits = [];
        foreach ($rows as $row) {
            $waits[$row->event_day_id][] = $row->wait;
        }

        return $waits;
    }
}
