<?php

declare(strict_types=1);

namespace App\Logbook\Report;

use App\Logbook\Pace\PacesOfDesign;
use App\Models\Logbook\FaceStep;
use App\Models\Plan\EventDay;
use Core\Line\StepStatus;
use Core\Plan\PracticeWin;
use Illuminate\Database\Query\JoinClause;

/**
 * Which steps of a day an evening of practice would quicken most, each for the one who painted it.
 *
 * @phpstan-import-type ReportPractice from DayReportShown
 */
final readonly class PractiseAfterDay
{
    private const MOST = 4;

    /** Less than that of a whole day is not worth an evening. Team's estimate. */
    private const LEAST_WIN_MS = 30_000;

    public function __construct(private PacesOfDesign $pacesOfDesign) {}

    /**
     * @param  array<string, string>  $painters  names by id
     * @return list<ReportPractice> what wins most first
     */
    public function __invoke(EventDay $day, array $painters): array
    {
        $painted = $this->painted($day);
        $paces = [];
        foreach (array_keys($painters) as $painter) {
            $designs = array_values(array_unique(array_column(
                array_filter($painted, static fn (object $row): bool => $row->painter_id === $painter),
                'design_id',
            )));
            $paces[$painter] = $designs === [] ? [] : $this->pacesOfDesign->ofDesigns($designs, $painter);
        }
        $practise = [];
        foreach ($painted as $row) {
            $pace = $paces[$row->painter_id][$row->design_id]['stepPaces'][$row->way] ?? null;
            $win = $pace === null ? null : PracticeWin::of($pace, (float) $row->times);
            if ($win !== null && $win->milliseconds >= self::LEAST_WIN_MS) {
                $practise[] = [
                    'painter' => $painters[$row->painter_id],
                    'design' => $row->design_name,
                    'step' => $row->name,
                    'times' => $row->times,
                    'takesMs' => $pace->middle()->milliseconds,
                    'winMs' => $win->milliseconds,
                ];
            }
        }
        usort($practise, static fn (array $one, array $other): int => $other['winMs'] <=> $one['winMs']);

        return array_slice($practise, 0, self::MOST);
    }

    /**
     * @return list<\stdClass&object{design_id: string, design_name: string, painter_id: string, way: string, name: string, times: int}>
     *                                                                                     steps as often as each painter has done them
     */
    private function painted(EventDay $day): array
    {
        /** @var list<\stdClass&object{
         *     design_id: string, design_name: string, painter_id: string, way: string, name: string, times: int
         * }> $rows
         */
        $rows = FaceStep::query()->toBase()
            ->join('faces', static fn (JoinClause $join): JoinClause => $join
                ->on('faces.ticket_id', '=', 'face_steps.face_id')->where('faces.event_day_id', $day->id))
            ->where('face_steps.status', StepStatus::Done->value)
            ->groupBy('face_steps.design_id', 'face_steps.painter_id', 'face_steps.way')
            ->selectRaw(
                'face_steps.design_id, max(faces.design_name) as design_name, face_steps.painter_id, face_steps.way, '
                    .'max(face_steps.name) as name, count(*) as times',
            )->get()->all();

        return $rows;
    }
}
