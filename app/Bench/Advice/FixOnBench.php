<?php

declare(strict_types=1);

namespace App\Bench\Advice;

use App\Account\Ways\PainterBench;
use App\Bench\TypedSteps\StepRead;
use Core\Design\Design;
use Core\Design\Step;
use Core\Design\StepValues;
use Core\Order\Craft\Fix;
use Core\Timeline\StepTimes;
use Illuminate\Support\Str;

/** A fix as the bench applies it: told by what changes, with ids of their own for new steps. */
final readonly class FixOnBench
{
    public function __construct(private StepOnBench $stepOnBench) {}

    public function __invoke(PainterBench $bench, Design $before, Fix $fix, StepTimes $times): FixRead
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
                $changed[] = $this->line($bench, $step, $times);
            }
        }
        $after = $fix->design;

        return new FixRead(
            label: $fix->label,
            order: $order,
            changed: $changed,
            promise: $after->promise?->milliseconds === $before->promise?->milliseconds ? null : $after->promise,
            fromAge: $after->audience->fromAge === $before->audience->fromAge ? null : $after->audience->fromAge,
        );
    }

    private function line(PainterBench $bench, Step $step, StepTimes $times): StepRead
    {
        return ($this->stepOnBench)($bench, $step, $times);
    }
}
