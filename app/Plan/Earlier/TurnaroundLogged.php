<?php

declare(strict_types=1);

namespace App\Plan\Earlier;

use App\Models\Line\ChairEvent;
use App\Models\Logbook\Face;
use App\Models\Plan\EventDay;
use Core\Line\EventKind;
use Core\Units\Duration;
use Illuminate\Database\Query\JoinClause;

/**
 * How long a team's chairs stood between two children while somebody waited, on its last days: from the last step on one face to the next
 * child's sitting down, mirror and pay in it.
 */
final readonly class TurnaroundLogged
{
    private const DAYS = 5;

    /** Fewer say nothing. */
    private const LEAST = 5;

    /** Longer than that somebody had a rest. */
    private const LONGEST_MS = 600_000;

    /** @return array{middle: Duration, times: int}|null half of them were no longer; null while too little is logged */
    public function __invoke(string $teamId): ?array
    {
        /** @var list<string> $days */
        $days = EventDay::ofTeam($teamId)->whereIn('id', Face::ofTeam($teamId)->select('event_day_id'))
            ->orderByDesc('opens_ms')->limit(self::DAYS)->pluck('id')->all();
        $done = ChairEvent::query()->whereIn('event_day_id', $days)
            ->whereIn('kind', [EventKind::StepDone->value, EventKind::BothDone->value, EventKind::StepSkipped->value])
            ->groupBy('ticket_id')->selectRaw('ticket_id, max(at_ms) as done_ms');
        /** @var list<\stdClass&object{event_day_id: string, chair: int, seated_ms: int, done_ms: int, joined_ms: int}> $faces */
        $faces = Face::ofTeam($teamId)->toBase()->whereIn('faces.event_day_id', $days)
            ->join('chair_events', static fn (JoinClause $join): JoinClause => $join
                ->on('chair_events.ticket_id', '=', 'faces.ticket_id')->where('chair_events.kind', EventKind::Joined->value))
            ->joinSub($done, 'done', static fn (JoinClause $join): JoinClause => $join->on('done.ticket_id', '=', 'faces.ticket_id'))
            ->orderBy('faces.event_day_id')->orderBy('faces.chair')->orderBy('seated_ms')
            ->get(['faces.event_day_id', 'faces.chair', 'seated_ms', 'done_ms', 'chair_events.at_ms as joined_ms'])->all();
        $gaps = [];
        foreach ($faces as $at => $face) {
            $before = $faces[$at - 1] ?? null;
            $isNext = $before !== null && [$before->event_day_id, $before->chair] === [$face->event_day_id, $face->chair];
            // Who came only afterwards was not waited for.
            if ($isNext && $face->joined_ms <= $before->done_ms && $face->seated_ms >= $before->done_ms) {
                $gaps[] = $face->seated_ms - $before->done_ms;
            }
        }
        $gaps = array_values(array_filter($gaps, static fn (int $gap): bool => $gap <= self::LONGEST_MS));
        sort($gaps);

        return count($gaps) < self::LEAST
            ? null
            : ['middle' => Duration::ofMilliseconds($gaps[intdiv(count($gaps), 2)]), 'times' => count($gaps)];
    }
}
