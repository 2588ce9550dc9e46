<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Design;
use App\Models\EventDay;
use App\Models\Face;
use App\Models\StepLog;
use App\Models\User;
use App\Queries\BenchOfPainter;
use Core\Line\StepStatus;
use Core\Line\TicketStatus;
use Core\Pace\Defaults;
use Core\Pace\MiddleOf;
use Core\Units\Duration;
use Illuminate\Support\Facades\DB;

/**
 * Learns from a day once its line is closed: how long the steps of the designs painted on it really take. Those designs are
 * timed anew with it. Runs inside the caller's transaction.
 */
final readonly class SumUpLog
{
    public function __construct(private BenchOfPainter $benchOfPainter, private PlanDesign $planDesign) {}

    public function __invoke(User $painter, EventDay $day): void
    {
        $ids = Face::query()->where('event_day_id', $day->id)->distinct()->pluck('design_id');
        if ($ids->isEmpty()) {
            return;
        }
        $bench = ($this->benchOfPainter)($painter);
        foreach (Design::query()->with('steps')->whereIn('id', $ids)->where('team_id', $day->team_id)->lockForUpdate()->get() as $design) {
            StepLog::query()->where('design_id', $design->id)->delete();
            StepLog::query()->insert($this->rows($design));
            ($this->planDesign)($bench, $design, $design->toCore());
        }
    }

    /** @return list<array{design_id: string, way: string, faces: int, middle_ms: int}> */
    private function rows(Design $design): array
    {
        $rows = [];
        foreach ($this->timesByWay($design) as $way => $times) {
            $newest = array_slice($times, 0, Defaults::MOST_FACES);
            if (count($newest) >= Defaults::FEWEST_FACES) {
                $rows[] = ['design_id' => $design->id, 'way' => $way, 'faces' => count($newest), 'middle_ms' => MiddleOf::durations($newest)->milliseconds];
            }
        }

        return $rows;
    }

    /** @return array<string, non-empty-list<Duration>> the newest first */
    private function timesByWay(Design $design): array
    {
        $times = [];
        $rows = DB::table('face_steps')->join('faces', 'faces.ticket_id', '=', 'face_steps.face_id')
            ->where('faces.team_id', $design->team_id)->where('faces.design_id', $design->id)
            ->where('faces.outcome', TicketStatus::Finished->value)->where('face_steps.status', StepStatus::Done->value)
            ->orderByDesc('faces.ended_ms')
            ->get(['face_steps.way', 'face_steps.own_ms']);
        foreach ($rows as $row) {
            /** @var \stdClass&object{way: string, own_ms: int} $row */
            $times[$row->way][] = Duration::ofMilliseconds($row->own_ms);
        }

        return $times;
    }
}
