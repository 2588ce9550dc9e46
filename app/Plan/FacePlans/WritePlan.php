<?php

declare(strict_types=1);

namespace App\Plan\FacePlans;

use App\Models\Bench\FacePlan;
use Core\Design\Design;
use Core\Design\Step;
use Core\Design\StepValues;
use Core\Order\Circumstances;
use Core\Order\PaintedSequence;
use Core\Timeline\Span;

/** Keeps a version of a design as a plan that faces can be seated with. */
final readonly class WritePlan
{
    private const ULID_LETTERS = '0123456789abcdefghjkmnpqrstvwxyz';

    public function __invoke(string $designId, Design $version, Circumstances $circumstances): FacePlan
    {
        $course = PaintedSequence::of(self::withUlids($designId, $version), $circumstances);
        $content = self::content($course);
        $id = hash('sha256', $designId.json_encode($content, JSON_THROW_ON_ERROR));

        return FacePlan::query()->firstOrCreate(['id' => $id], [
            'design_id' => $designId,
            'content' => $content,
            'total_ms' => $course->timeline->makespan()->milliseconds,
        ]);
    }

    /** Waits that the search put in get ids of their own, the same ones each time. */
    private static function withUlids(string $designId, Design $version): Design
    {
        return $version->withIds(array_map(
            static fn (Step $step): string => strlen($step->id) === 26 ? $step->id : self::ulid("{$designId} {$step->id}"),
            $version->steps,
        ));
    }

    private static function ulid(string $of): string
    {
        $letters = array_map(
            static fn (string $byte): string => self::ULID_LETTERS[ord($byte) & 31],
            str_split(substr(hash('sha256', $of, true), 0, 25)),
        );

        return '0'.implode('', $letters);
    }

    /** @return array<string, mixed> see FacePlan's PlanContent */
    private static function content(PaintedSequence $course): array
    {
        $design = $course->preparation->design;
        $planned = $course->timeline->tapToTap();

        return [
            'name' => $design->name,
            'placement' => $design->placement->value,
            'steps' => array_map(static fn (Step $step, int $at): array => [
                'id' => $step->id,
                ...StepValues::of($step),
                'plannedMs' => $planned[$step->id]->milliseconds,
                'seen' => $course->seen($at),
                ...array_filter(['films' => array_map(
                    static fn (FilmBelow $film): array => $film->values(),
                    FilmBelow::all($course, $at),
                )]),
            ], $design->steps, array_keys($design->steps)),
            'spans' => array_map(static fn (Span $span): array => [
                'kind' => $span->kind->value,
                'stepId' => $span->step->id,
                'startMs' => $span->start->milliseconds,
                'lengthMs' => $span->length->milliseconds,
            ], $course->timeline->spans),
        ];
    }
}
