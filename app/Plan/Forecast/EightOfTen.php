<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Logbook\Pace\PacesOfDesign;
use App\Models\Bench\FacePlan;
use Core\Design\Step;
use Core\Design\StepValues;
use Core\Pace\Pace;
use Core\Pace\WholeFace;
use Core\Timeline\SpanKind;
use Core\Timeline\StepTime;
use Core\Timeline\StepTimes;
use Core\Timeline\TimeSource;
use Core\Units\Duration;
use Illuminate\Support\Collection;

/** By when eight of ten faces of each plan are done, by the paces of whose own it is. */
final readonly class EightOfTen
{
    public function __construct(private PacesOfDesign $pacesOfDesign) {}

    /**
     * @param  Collection<int, FacePlan>  $plans
     * @param  array<string, string>  $painters  by plan, where it is somebody's own
     * @param  string  $reader  for whom the others are asked; empty for the team
     * @return array<string, Duration> by plan, of those that are known
     */
    public function __invoke(Collection $plans, array $painters, string $reader): array
    {
        $eightOfTen = [];
        foreach ($plans->groupBy(static fn (FacePlan $plan): string => $painters[$plan->id] ?? $reader) as $painter => $ofPainter) {
            $designs = array_values(array_unique(array_map(static fn (FacePlan $plan): string => $plan->design_id, $ofPainter->all())));
            $paces = $this->pacesOfDesign->ofDesigns($designs, $painter);
            foreach ($ofPainter->groupBy('design_id') as $design => $ofDesign) {
                $eightOfTen += self::ofDesign($ofDesign->all(), $paces[$design]);
            }
        }

        return $eightOfTen;
    }

    /**
     * @param  array<FacePlan>  $plans  of one design
     * @param  array{steps: array<string, StepTime>, faces: array<string, Pace>}  $paces  of that design
     * @return array<string, Duration> by plan, of those that are known
     */
    private static function ofDesign(array $plans, array $paces): array
    {
        $times = StepTimes::starting()->knowing($paces['steps']);
        $most = [];
        foreach ($plans as $plan) {
            $steps = $plan->steps();
            $onSkin = array_column(
                array_filter($plan->content['spans'], static fn (array $span): bool => $span['kind'] === SpanKind::Painting->value),
                'lengthMs',
                'stepId',
            );
            $rest = array_sum(array_column($plan->content['spans'], 'lengthMs')) - array_sum($onSkin);
            $painting = array_map(static fn (Step $step): StepTime => self::painting($times->of($step), $onSkin[$step->id] ?? 0), $steps);
            $own = $paces['faces'][StepValues::version(array_map(StepValues::way(...), $steps))] ?? null;
            $most[$plan->id] = $own?->eightOfTen() ?? WholeFace::eightOfTen($painting, Duration::ofMilliseconds($rest));
        }

        return array_filter($most, static fn (?Duration $one): bool => $one !== null);
    }

    /** Typed seconds hold the change of tool, which is not painting. */
    private static function painting(StepTime $time, int $onSkinMs): StepTime
    {
        return $time->source === TimeSource::Typed ? $time->lasting(Duration::ofMilliseconds($onSkinMs)) : $time;
    }
}
