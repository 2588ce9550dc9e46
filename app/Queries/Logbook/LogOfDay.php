<?php

declare(strict_types=1);

namespace App\Queries\Logbook;

use App\Http\Resources\Bench\StepMinutes;
use App\Http\Resources\Logbook\DayLog;
use App\Http\Resources\Logbook\DesignMinutes;
use App\Http\Resources\Logbook\LoggedFace;
use App\Http\Resources\Logbook\LoggedStep;
use App\Http\Resources\Plan\DaySummary;
use App\Models\EventDay;
use App\Models\Face;
use App\Models\FaceStep;
use App\Queries\Plan\DayFacts;
use Core\Design\Medium;
use Core\Line\StepStatus;
use Core\Line\TicketStatus;

/** A day's faces with their minutes against plan, one by one, per design and per step. */
final readonly class LogOfDay
{
    public function __invoke(EventDay $day): DayLog
    {
        $faces = Face::ofTeam($day->team_id)->with(['steps', 'ticket'])->where('event_day_id', $day->id)->orderBy('seated_ms')->get();
        $logged = array_values($faces->map(self::face(...))->all());
        $finished = $faces->filter(static fn (Face $face): bool => $face->outcome === TicketStatus::Finished->value);
        /** @var list<list<Face>> $byDesign */
        $byDesign = $finished->groupBy('design_id')->map(static fn ($group): array => array_values($group->all()))->values()->all();
        usort($byDesign, static fn (array $a, array $b): int => count($b) <=> count($a));

        return new DayLog(DaySummary::of(DayFacts::of($day)), $logged, array_map(self::design(...), $byDesign));
    }

    private static function face(Face $face): LoggedFace
    {
        return new LoggedFace(
            id: $face->ticket_id,
            number: $face->ticket->number,
            design: $face->design_name,
            chair: $face->chair,
            outcome: TicketStatus::from($face->outcome),
            seatedAt: $face->seated_ms,
            endedAt: $face->ended_ms,
            plannedMs: $face->planned_ms,
            paintedMs: $face->painted_ms,
            steps: array_values($face->steps->map(static fn (FaceStep $step): LoggedStep => new LoggedStep(
                name: $step->name,
                medium: Medium::from($step->medium),
                status: StepStatus::from($step->status),
                plannedMs: $step->planned_ms,
                spentMs: $step->spent_ms,
            ))->all()),
        );
    }

    /** @param  list<Face>  $faces of one design, at least one */
    private static function design(array $faces): DesignMinutes
    {
        $painted = array_map(static fn (Face $face): int => $face->painted_ms, $faces);
        $newest = $faces[count($faces) - 1];

        return new DesignMinutes(
            designId: $newest->design_id,
            name: $newest->design_name,
            faces: count($faces),
            plannedMs: $newest->planned_ms,
            meanMs: self::mean($painted),
            fastestMs: min([PHP_INT_MAX, ...$painted]),
            slowestMs: max([0, ...$painted]),
            steps: self::steps($faces),
        );
    }

    /**
     * Steps are matched by name: a design edited in the middle of a day keeps what still bears the same name together.
     *
     * @param  list<Face>  $faces
     * @return list<StepMinutes>
     */
    private static function steps(array $faces): array
    {
        $byName = [];
        foreach ($faces as $face) {
            foreach ($face->steps as $step) {
                $byName[$step->name][] = $step;
            }
        }

        return array_values(array_map(self::stepMinutes(...), $byName));
    }

    /** @param  non-empty-list<FaceStep>  $steps of one name */
    private static function stepMinutes(array $steps): StepMinutes
    {
        $ofStatus = static fn (StepStatus $status): array => array_values(array_filter(
            $steps,
            static fn (FaceStep $step): bool => $step->status === $status->value,
        ));
        $done = array_map(static fn (FaceStep $step): int => $step->spent_ms, $ofStatus(StepStatus::Done));
        $newest = $steps[count($steps) - 1];

        return new StepMinutes(
            name: $newest->name,
            medium: Medium::from($newest->medium),
            times: count($done),
            skipped: count($ofStatus(StepStatus::Skipped)),
            plannedMs: $newest->planned_ms,
            meanMs: self::mean($done),
        );
    }

    /** @param  list<int>  $values */
    private static function mean(array $values): int
    {
        return $values === [] ? 0 : intdiv(array_sum($values), count($values));
    }
}
