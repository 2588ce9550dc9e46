<?php

declare(strict_types=1);

namespace App\Logbook\Faces;

use App\Models\Logbook\Face;
use App\Models\Logbook\FaceStep;
use App\Models\Plan\EventDay;
use App\Plan\Days\DayFacts;
use App\Plan\Days\DaySummary;
use Core\Design\Medium;
use Core\Line\StepStatus;
use Core\Line\TicketStatus;

/**
 * A day's faces with their minutes against plan, one by one, per design and per step.
 *
 * @phpstan-import-type StepMinutes from DayLog
 * @phpstan-import-type DesignMinutes from DayLog
 */
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

        return new DayLog(
            day: DaySummary::of(DayFacts::of($day)),
            faces: $logged,
            designs: array_map(self::design(...), $byDesign),
            isBroughtIn: $day->brought_seq !== null,
        );
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
            steps: array_values($face->steps->map(static fn (FaceStep $step): array => [
                'name' => $step->name,
                'medium' => Medium::from($step->medium),
                'status' => StepStatus::from($step->status),
                'plannedMs' => $step->planned_ms,
                'spentMs' => $step->spent_ms,
                'mendedFromMs' => $step->mended_from_ms,
            ])->all()),
        );
    }

    /**
     * @param  list<Face>  $faces of one design, at least one
     * @return DesignMinutes
     */
    private static function design(array $faces): array
    {
        $newest = $faces[count($faces) - 1];

        $painted = array_map(static fn (Face $face): int => $face->painted_ms, $faces);

        return [
            'designId' => $newest->design_id,
            'name' => $newest->design_name,
            'faces' => count($painted),
            'plannedMs' => $newest->planned_ms,
            'meanMs' => self::mean($painted),
            'fastestMs' => min([PHP_INT_MAX, ...$painted]),
            'slowestMs' => max([0, ...$painted]),
            'steps' => self::steps($faces),
        ];
    }

    /**
     * Steps are matched by name: a design edited in the middle of a day keeps what still bears the same name together.
     *
     * @param  list<Face>  $faces
     * @return list<StepMinutes> in painting order
     */
    private static function steps(array $faces): array
    {
        $byName = [];
        foreach ($faces as $face) {
            foreach ($face->steps as $step) {
                $byName[$step->name][] = $step;
            }
        }

        return array_values(array_map(self::step(...), $byName));
    }

    /**
     * @param  non-empty-list<FaceStep>  $steps  of one name
     * @return StepMinutes
     */
    private static function step(array $steps): array
    {
        $ofStatus = static fn (StepStatus $status): array => array_values(array_filter(
            $steps,
            static fn (FaceStep $step): bool => $step->status === $status->value,
        ));
        $newest = $steps[count($steps) - 1];
        $done = array_map(static fn (FaceStep $step): int => $step->spent_ms, $ofStatus(StepStatus::Done));

        return [
            'name' => $newest->name,
            'medium' => Medium::from($newest->medium),
            'times' => count($done),
            'skipped' => count($ofStatus(StepStatus::Skipped)),
            'plannedMs' => $newest->planned_ms,
            'meanMs' => self::mean($done),
        ];
    }

    /** @param  list<int>  $values */
    private static function mean(array $values): int
    {
        return $values === [] ? 0 : intdiv(array_sum($values), count($values));
    }
}
