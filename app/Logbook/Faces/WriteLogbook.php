<?php

declare(strict_types=1);

namespace App\Logbook\Faces;

use App\Models\Account\User;
use App\Models\Bench\FacePlan;
use App\Models\Logbook\Face;
use App\Models\Logbook\FaceStep;
use App\Models\Plan\EventDay;
use App\Plan\Days\RosterOfDay;
use Core\Design\StepValues;
use Core\Line\Face as CoreFace;
use Core\Line\Line;
use Core\Line\StepRun;
use Core\Line\StepStatus;
use Core\Line\Ticket;
use Core\Line\TicketStatus;
use Core\Team\Role;
use Core\Timeline\SpanKind;
use Core\Units\Duration;
use Core\Units\Instant;

/** Brings the logbook's lines of some children in step with the line of the day. */
final readonly class WriteLogbook
{
    private const LEAST_MS = 1000;

    /** A face that nobody finished may stand for weeks: no column holds more, and no painter means it. */
    private const MOST_MS = 4_294_967_295;

    public function __construct(private RosterOfDay $rosterOfDay) {}

    /** @param  list<string>  $ticketIds */
    public function __invoke(EventDay $day, Line $line, array $ticketIds): void
    {
        Face::ofTeam($day->team_id)->whereIn('ticket_id', $ticketIds)->delete();
        $ended = array_filter(
            array_intersect_key($line->tickets, array_fill_keys($ticketIds, true)),
            self::isOf(...),
        );
        if ($ended === []) {
            return;
        }
        $painters = $this->painters($day, $ended);
        $steps = self::stepRows($ended, $painters);
        Face::ofTeam($day->team_id)->insert(array_map(static fn (Ticket $ticket): array => [
            ...self::row($day, $ticket),
            'painter_id' => $painters[$ticket->id] ?? null,
            'version' => self::version($steps[$ticket->id]),
            // What two have painted says of neither how long the whole takes.
            'interrupted' => in_array(true, array_column($steps[$ticket->id], 'interrupted'), true)
                || array_diff(array_column($steps[$ticket->id], 'painter_id'), [$painters[$ticket->id] ?? '']) !== [],
        ], array_values($ended)));
        $ofTicket = static fn (Ticket $ticket): array => array_map(static fn (array $step): array => [
            ...$step,
            'design_id' => $ticket->design,
            'ended_ms' => (int) $ticket->endedAt?->epochMilliseconds,
            'tells' => $ticket->status === TicketStatus::Finished && $step['status'] === StepStatus::Done->value,
        ], $steps[$ticket->id]);
        FaceStep::query()->insert(array_merge(...array_map($ofTicket, array_values($ended))));
    }

    /** Whether a child stands in the logbook: painted, or gone with a face begun. */
    public static function isOf(?Ticket $ticket): bool
    {
        return $ticket?->face !== null
            && ($ticket->status === TicketStatus::Finished || $ticket->status === TicketStatus::Left);
    }

    /** @return array<string, string|int> */
    private static function row(EventDay $day, Ticket $ticket): array
    {
        assert($ticket->face instanceof CoreFace && $ticket->endedAt instanceof Instant);
        $spent = array_reduce(
            $ticket->face->runs,
            static fn (Duration $sum, StepRun $run): Duration => $sum->plus($run->spent),
            Duration::zero(),
        );

        return [
            'ticket_id' => $ticket->id,
            'team_id' => $day->team_id,
            'event_day_id' => $day->id,
            'design_id' => $ticket->design,
            'design_name' => $ticket->face->plan->design,
            'chair' => (int) $ticket->chair,
            'outcome' => $ticket->status->value,
            'seated_ms' => $ticket->face->seatedAt->epochMilliseconds,
            'ended_ms' => $ticket->endedAt->epochMilliseconds,
            'planned_ms' => $ticket->face->plan->total()->milliseconds,
            'painted_ms' => min(self::MOST_MS, $spent->milliseconds),
        ];
    }

    /**
     * @param  array<string, Ticket>  $tickets
     * @param  array<string, string>  $painters  of the faces
     * @return array<string, list<array<string, string|int|bool|null>>> by ticket
     */
    private static function stepRows(array $tickets, array $painters): array
    {
        $planned = self::plannedSteps($tickets);
        $rows = [];
        foreach ($tickets as $ticket) {
            $rows[$ticket->id] = [];
            foreach ($ticket->face->runs ?? [] as $position => $run) {
                $step = $planned["{$run->step->plan} {$run->step->id}"];
                $rows[$ticket->id][] = [
                    'face_id' => $ticket->id,
                    'position' => $position,
                    'name' => $run->step->name,
                    'medium' => $step['medium'],
                    'way' => $step['way'],
                    // Changing tools and waiting come first; they are the bench's, not the step's own.
                    'own_ms' => min(self::MOST_MS, max(self::LEAST_MS, $run->spent->milliseconds - $step['beforeMs'])),
                    'status' => $run->status->value,
                    'planned_ms' => $run->step->planned->milliseconds,
                    'spent_ms' => min(self::MOST_MS, $run->spent->milliseconds),
                    'interrupted' => $run->isInterrupted,
                    'wiped' => min(255, $run->wiped),
                    'mended_from_ms' => $run->mendedFrom === null ? null : min(self::MOST_MS, $run->mendedFrom->milliseconds),
                    'painter_id' => $run->painter ?? $painters[$ticket->id] ?? '',
                ];
            }
        }

        return $rows;
    }

    /**
     * Who painted each face, also where they are in the team no more.
     *
     * @param  array<string, Ticket>  $tickets
     * @return array<string, string> user by ticket
     */
    private function painters(EventDay $day, array $tickets): array
    {
        $roster = ($this->rosterOfDay)($day)->toCore();
        $painters = array_filter(array_map($roster->painterOf(...), $tickets), static fn (?string $painter): bool => $painter !== null);
        /** @var list<string> $known */
        $known = User::ofTeam($day->team_id)->withTrashed()->whereNot('role', Role::Helper)->whereIn('id', $painters)->pluck('id')->all();

        return array_intersect($painters, $known);
    }

    /**
     * The same for faces on which the same steps were painted in the same way, in whatever order.
     *
     * @param  list<array<string, string|int|bool|null>>  $steps
     */
    private static function version(array $steps): string
    {
        $done = array_filter($steps, static fn (array $step): bool => $step['status'] === StepStatus::Done->value);

        return StepValues::version(array_map(strval(...), array_column($done, 'way')));
    }

    /**
     * @param  array<string, Ticket>  $tickets
     * @return array<string, array{medium: string, way: string, beforeMs: int}> by "plan id, blank, step id"
     */
    private static function plannedSteps(array $tickets): array
    {
        $ids = [];
        foreach ($tickets as $ticket) {
            foreach ($ticket->face->runs ?? [] as $run) {
                $ids[$run->step->plan] = $run->step->plan;
            }
        }
        $steps = [];
        foreach (FacePlan::query()->whereIn('id', array_values($ids))->get() as $plan) {
            $painting = array_column(
                array_filter($plan->content['spans'], static fn (array $span): bool => $span['kind'] === SpanKind::Painting->value),
                'lengthMs',
                'stepId',
            );
            foreach ($plan->content['steps'] as $step) {
                $steps["{$plan->id} {$step['id']}"] = [
                    'medium' => $step['medium'],
                    'way' => StepValues::way(StepValues::read($step['id'], $step)),
                    'beforeMs' => $step['plannedMs'] - ($painting[$step['id']] ?? 0),
                ];
            }
        }

        return $steps;
    }
}
