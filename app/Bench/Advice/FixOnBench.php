<?php

declare(strict_types=1);

namespace App\Bench\Advice;

use App\Account\Ways\PainterBench;
use App\Bench\TypedSteps\StepLine;
use Core\Design\Design;
use Core\Design\StepValues;
use Core\Order\Craft\Fix;
use Core\Timeline\StepTimes;
use Illuminate\Support\Str;

/** A fix as the bench applies it: told by what changes, with ids of their own for new steps. */
final readonly class FixOnBench
{
    public function __construct(private StepOnBench $stepOnBench) {}

    public function __invoke(PainterBench $bench, Design $before, Fix $fix, StepTimes $times): FixShown
    {
        $known = [];
        foreach ($before->steps as $step) {
            $known[$step->id] = StepValues::of($step);
        }
        $order = $changed = [];
        foreach ($fix->design->steps as $step) {
            $step = isset($known[$step->id]) ? $step : $step->withId(Str::lower((string) Str::ulid()));
            $order[] = $step->id;
            if (StepValues::of($step) !== ($known[$step->id] ?? null)) {
                $changed[] = StepLine::of(($this->stepOnBench)($bench, $step, $times));
            }
        }
        $after = $fix->design;

        return new FixShown(
            label: $fix->label,
            order: $order,
            changed: $changed,
            promise: $after->promise?->milliseconds === $before->promise?->milliseconds ? null : $after->promise?->formatExactly(),
            fromAge: $after->audience->fromAge === $before->audience->fromAge ? null : $after->audience->fromAge,
        );
    }
}
