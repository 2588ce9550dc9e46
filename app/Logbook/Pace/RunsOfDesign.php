<?php

declare(strict_types=1);

namespace App\Logbook\Pace;

use App\Models\Bench\Design;
use App\Models\Logbook\Face;
use App\Models\Practice\PracticeRun;
use Core\Design\StepValues;
use Core\Line\TicketStatus;
use Core\Pace\Defaults;
use Core\Pace\Run;
use Core\Units\Duration;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * What was logged of a design, on faces and on the practice board, by what was painted and by painter: the newest of each.
 *
 * @phpstan-type Row \stdClass&object{way: string, painter_id: string|null, spent_ms: int, at_ms: int, interrupted: int, before: int}
 * @phpstan-type FaceRow \stdClass&object{way: string, painter_id: string|null, spent_ms: int, at_ms: int, interrupted: int,
 *     before: int, planned_ms: int}
 * @phpstan-type Runs array{
 *     steps: array<string, array<string, list<Run>>>, faces: array<string, array<string, list<Run>>>, planned: array<string, Duration>
 * }
 */
final readonly class RunsOfDesign
{
    /** Whose taps came from nobody that is still here. */
    public const UNKNOWN = '';

    /** Twice as many as count, for some of them were interrupted and say nothing. */
    private const READ = 2 * Defaults::MOST_RUNS;

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

    /** @return list<Row> */
    private function steps(Design $design): array
    {
        $told = DB::table('face_steps')->where('design_id', $design->id)->where('tells', true);

        return $this->newest($told, 'way', ['way', 'painter_id', 'own_ms as spent_ms', 'ended_ms as at_ms', 'interrupted']);
    }

    /** @return list<FaceRow> */
    private function faces(Design $design): array
    {
        $told = Face::ofTeam($design->team_id)->toBase()->where('design_id', $design->id)->where(
            'outcome',
            TicketStatus::Finished->value,
        )->where('version', '<>', '');
        /** @var list<FaceRow> $rows */
        $rows = $this->newest(
            $told,
            'version',
            ['version as way', 'painter_id', 'painted_ms as spent_ms', 'ended_ms as at_ms', 'interrupted', 'planned_ms'],
        );

        return $rows;
    }

    /**
     * The newest rows of each thing by each painter, the oldest of them first; each knows how many came before it, of which the
     * first one's are not read.
     *
     * @param  list<string>  $columns
     * @return list<Row>
     */
    private function newest(Builder $told, string $thing, array $columns): array
    {
        /** @var list<\stdClass&object{thing: string, painter_id: string|null, runs: int}> $groups */
        $groups = $told->clone()->groupBy($thing, 'painter_id')->selectRaw("{$thing} as thing, painter_id, count(*) as runs")->get()->all();
        $rows = [];
        foreach ($groups as $group) {
            $of = $told->clone()->where($thing, $group->thing)->where('painter_id', $group->painter_id);
            /** @var list<Row> $newest */
            $newest = $of->orderByDesc('ended_ms')->limit(self::READ)->get($columns)->reverse()->values()->all();
            foreach ($newest as $at => $row) {
                $row->before = $group->runs - count($newest) + $at;
                $row->painter_id = $row->painter_id === '' ? null : $row->painter_id;
                $rows[] = $row;
            }
        }

        return $rows;
    }

    /**
     * @return list<\stdClass&object{way: string, painter_id: string|null, spent_ms: int, at_ms: int, interrupted: int, drill: string|null}>
     */
    private function practised(Design $design): array
    {
        /**
         * @var list<\stdClass&object{way: string, painter_id: string|null, spent_ms: int, at_ms: int, interrupted: int,
         *     drill: string|null}> $rows
         */
        $rows = PracticeRun::query()->toBase()->where('design_id', $design->id)->where('way', '<>', '')
            ->get(['way', 'user_id as painter_id', 'spent_ms', 'at_ms', 'interrupted', 'drill'])
            ->all();

        return $rows;
    }

    /**
     * @return list<\stdClass&object{way: string, painter_id: string|null, spent_ms: int, at_ms: int, interrupted: int,
     *     drill: string|null, planned_ms: int}>
     */
    private function practisedWhole(Design $design): array
    {
        /**
         * @var list<\stdClass&object{way: string, painter_id: string|null, spent_ms: int, at_ms: int, interrupted: int,
         *     drill: string|null, planned_ms: int}> $rows
         */
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
     * @param  list<\stdClass&object{way: string, painter_id: string|null, spent_ms: int, at_ms: int, interrupted: int,
     *     before?: int}>  $rows
     * @return array<string, array<string, list<Run>>>
     */
    private static function runs(array $rows): array
    {
        usort($rows, static fn (object $one, object $other): int => $one->at_ms <=> $other->at_ms);
        $runs = $before = [];
        foreach ($rows as $row) {
            $before[$row->way][$row->painter_id ?? self::UNKNOWN] ??= $row->before ?? null;
        }
        foreach ($rows as $row) {
            $painter = $row->painter_id ?? self::UNKNOWN;
            $nth = 1 + ($before[$row->way][$painter] ?? 0) + count($runs[$row->way][$painter] ?? []);
            // Rows of the practice board are the only ones that can name a drill.
            $runs[$row->way][$painter][] = new Run($row->spent_ms, $nth, property_exists($row, 'drill'), $row->interrupted === 1);
        }

        return $runs;
    }
}
