<?php

declare(strict_types=1);

namespace App\Logbook\Pace;

use App\Account\Ways\BenchOfPainter;
use App\Models\Account\PainterWays;
use App\Models\Bench\Design;
use App\Models\Plan\EventDay;
use Core\Design\StepValues;
use Core\Line\StepStatus;
use Core\Line\TicketStatus;
use Core\Order\Constraint;
use Core\Order\Constraints;
use Core\Order\DesignFacts;
use Core\Surface\GoingOn;
use Core\Units\Duration;
use Illuminate\Support\Facades\DB;

/** Learns from a closed day how soon a painter goes on over wet paint without having to mend it. */
final readonly class LearnDrying
{
    public function __construct(private BenchOfPainter $benchOfPainter) {}

    /** @param  iterable<Design>  $designs  painted on that day, with their steps */
    public function __invoke(EventDay $day, iterable $designs): void
    {
        foreach ($this->goingOn($day, $designs) as $painterId => $times) {
            $share = GoingOn::share($times);
            if ($share !== null) {
                PainterWays::query()->updateOrCreate(
                    ['user_id' => $painterId],
                    ['worked_share' => $share, 'worked_times' => count($times)],
                );
            }
        }
    }

    /**
     * How long the painters of a day left each film before they went on over it, where the craft wants a wait.
     *
     * @param  iterable<Design>  $designs  with their steps
     * @return array<string, list<GoingOn>> by painter
     */
    private function goingOn(EventDay $day, iterable $designs): array
    {
        $bench = $this->benchOfPainter->ofTeam($day->team_id);
        $circumstances = $bench->circumstances($bench->stepTimes);
        $times = [];
        foreach ($designs as $design) {
            $waits = self::waits(new DesignFacts($design->toCore(), $circumstances));
            foreach ($waits === [] ? [] : $this->faces($day, $design) as $face) {
                $times[$face[0]->painter_id] = [...$times[$face[0]->painter_id] ?? [], ...self::goingOnOver($face, $waits)];
            }
        }

        return $times;
    }

    /** @return list<array{string, string, int}> the ways of film and step, and the wait between them in milliseconds */
    private static function waits(DesignFacts $design): array
    {
        $ways = array_map(StepValues::way(...), $design->steps);
        $wanted = array_filter(Constraints::of($design)->craft, static fn (Constraint $one): bool => $one->least > 0);

        return array_values(array_map(static fn (Constraint $one): array => [$ways[$one->from], $ways[$one->to], $one->least], $wanted));
    }

    /**
     * @param  non-empty-list<\stdClass&object{painter_id: string, face_id: string, way: string, own_ms: int, spent_ms: int,
     *     interrupted: int}>  $face  its steps as they were painted
     * @param  list<array{string, string, int}>  $waits
     * @return list<GoingOn>
     */
    private static function goingOnOver(array $face, array $waits): array
    {
        $ends = $starts = $mended = [];
        $now = 0;
        foreach ($face as $step) {
            $now += $step->spent_ms;
            $starts[$step->way] ??= $now - $step->own_ms;
            $ends[$step->way] = $now;
            $mended[$step->way] = $step->interrupted === 1;
        }
        $times = [];
        foreach ($waits as [$film, $over, $wait]) {
            if (isset($ends[$film], $starts[$over]) && $starts[$over] >= $ends[$film]) {
                $times[] = new GoingOn(
                    Duration::ofMilliseconds($wait),
                    Duration::ofMilliseconds($starts[$over] - $ends[$film]),
                    $mended[$film] || $mended[$over],
                );
            }
        }

        return $times;
    }

    /**
     * @return list<non-empty-list<\stdClass&object{painter_id: string, face_id: string, way: string, own_ms: int,
     *     spent_ms: int, interrupted: int}>> steps of each face, in the order they were painted
     */
    private function faces(EventDay $day, Design $design): array
    {
        /**
         * @var list<\stdClass&object{painter_id: string, face_id: string, way: string, own_ms: int, spent_ms: int, interrupted: int}> $rows
         */
        $rows = DB::table('face_steps')->join('faces', 'faces.ticket_id', '=', 'face_steps.face_id')
            ->where('faces.event_day_id', $day->id)->where('faces.design_id', $design->id)->whereNotNull('faces.painter_id')
            ->where('faces.outcome', TicketStatus::Finished->value)->where('face_steps.status', StepStatus::Done->value)
            ->orderBy('face_steps.face_id')->orderBy('face_steps.position')
            ->get([
                'faces.painter_id', 'face_steps.face_id', 'face_steps.way', 'face_steps.own_ms', 'face_steps.spent_ms',
                'face_steps.interrupted',
            ])
            ->all();
        $faces = [];
        foreach ($rows as $row) {
            $faces[$row->face_id][] = $row;
        }

        return array_values($faces);
    }
}
