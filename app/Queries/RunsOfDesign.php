<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Design;
use App\Models\PracticeRun;
use Core\Design\StepValues;
use Core\Line\StepStatus;
use Core\Line\TicketStatus;
use Core\Pace\Run;
use Core\Units\Duration;
use Illuminate\Support\Facades\DB;

/**
 * All that was ever logged of a design, on faces and on the practice board, by what was painted and by painter.
 *
 * @phpstan-type Runs array{
 *     steps: array<string, array<string, list<Run>>>, faces: array<string, array<string, list<Run>>>, planned: array<string, Duration>
 * }
 */
final readonly class RunsOfDesign
{
    /** Whose taps came from nobody that is still here. */
    public const UNKNOWN = '';

    /** @return Runs by way of the step, or version of the face, and by painter; planned by version */
    public function __invoke(Design $design): array
    {
        $faces = [...$this->faces($design), ...$this->practisedWhole($design)];
        $planned = [];
        foreach ($faces as $face) {
            $planned[$face->way] = Duration::ofMilliseconds($face->planned_ms);
        }

        return [
            'steps' => self::runs([...$this->steps($design), ...$this->practised($design)]),
            'faces' => self::runs($faces),
            'planned' => $planned,
        ];
    }

    /** @return list<\stdClass&object{way: string, painter_id: string|null, spent_ms: int, at_ms: int, interrupted: int}> */
    private function steps(Design $design): array
    {
        /** @var list<\stdClass&object{way: string, painter_id: string|null, spent_ms: int, at_ms: int, interrupted: int}> $rows */
        $rows = DB::table('face_steps')->join('faces', 'faces.ticket_id', '=', 'face_steps.face_id')
            ->where('faces.team_id', $design->team_id)->where('faces.design_id', $design->id)
            ->where('faces.outcome', TicketStatus::Finished->value)->where('face_steps.status', StepStatus::Done->value)
            ->get(['face_steps.way', 'faces.painter_id', 'face_steps.own_ms as spent_ms', 'faces.ended_ms as at_ms', 'face_steps.interrupted'])
            ->all();

        return $rows;
    }

    /** @return list<\stdClass&object{way: string, painter_id: string|null, spent_ms: int, at_ms: int, interrupted: int, planned_ms: int}> */
    private function faces(Design $design): array
    {
        /** @var list<\stdClass&object{way: string, painter_id: string|null, spent_ms: int, at_ms: int, interrupted: int, planned_ms: int}> $rows */
        $rows = DB::table('faces')
            ->where('team_id', $design->team_id)->where('design_id', $design->id)
            ->where('outcome', TicketStatus::Finished->value)->where('version', '<>', '')
            ->orderBy('ended_ms')
            ->get(['version as way', 'painter_id', 'painted_ms as spent_ms', 'ended_ms as at_ms', 'interrupted', 'planned_ms'])
            ->all();

        return $rows;
    }

    /** @return list<\stdClass&object{way: string, painter_id: string|null, spent_ms: int, at_ms: int, interrupted: int, drill: string|null}> */
    private function practised(Design $design): array
    {
        /** @var list<\stdClass&object{way: string, painter_id: string|null, spent_ms: int, at_ms: int, interrupted: int, drill: string|null}> $rows */
        $rows = PracticeRun::query()->toBase()->where('design_id', $design->id)->where('way', '<>', '')
            ->get(['way', 'user_id as painter_id', 'spent_ms', 'at_ms', 'interrupted', 'drill'])
            ->all();

        return $rows;
    }

    /** @return list<\stdClass&object{way: string, painter_id: string|null, spent_ms: int, at_ms: int, interrupted: int, drill: string|null, planned_ms: int}> */
    private function practisedWhole(Design $design): array
    {
        /** @var list<\stdClass&object{way: string, painter_id: string|null, spent_ms: int, at_ms: int, interrupted: int, drill: string|null, planned_ms: int}> $rows */
        $rows = PracticeRun::query()->toBase()->where('design_id', $design->id)->where('way', '')
            ->get(['way', 'user_id as painter_id', 'spent_ms', 'at_ms', 'interrupted', 'drill'])
            ->all();
        $version = StepValues::version(array_map(StepValues::way(...), $design->toCore()->steps));
        foreach ($rows as $row) {
            $row->way = $version;
            $row->planned_ms = $design->plan->total_ms ?? 0;
        }

        return $rows;
    }

    /**
     * @param  list<\stdClass&object{way: string, painter_id: string|null, spent_ms: int, at_ms: int, interrupted: int}>  $rows
     * @return array<string, array<string, list<Run>>>
     */
    private static function runs(array $rows): array
    {
        usort($rows, static fn (object $one, object $other): int => $one->at_ms <=> $other->at_ms);
        $runs = [];
        foreach ($rows as $row) {
            $painter = $row->painter_id ?? self::UNKNOWN;
            $nth = 1 + count($runs[$row->way][$painter] ?? []);
            // Rows of the practice board are the only ones that can name a drill.
            $runs[$row->way][$painter][] = new Run($row->spent_ms, $nth, property_exists($row, 'drill'), $row->interrupted === 1);
        }

        return $runs;
    }
}
