<?php

declare(strict_types=1);

namespace App\Queries;

use App\Http\Resources\FittedDesign;
use App\Models\Design;
use Core\Design\Fitting;
use Core\Design\Person;
use Core\Design\Step;
use Core\Design\StepTimes;
use Core\Design\WorkContent;

/** A design as it is painted on one person. */
final readonly class DesignFitted
{
    public function __construct(private StepOnBench $stepOnBench, private PacesOfDesign $pacesOfDesign) {}

    public function __invoke(PainterBench $bench, Design $design, Person $person): FittedDesign
    {
        $content = $design->toCore();
        $fitting = Fitting::of($content, $person);
        $times = new StepTimes(WorkContent::starting(), $person, ($this->pacesOfDesign)($design->id, $bench->painterId));
        $timeline = $content->withSteps($fitting->steps)->timeline($bench->changeovers, $times);

        return new FittedDesign(
            $person->size,
            $fitting->changes,
            array_map(fn (Step $step) => ($this->stepOnBench)($bench, $step, $times), $fitting->steps),
            DesignOnBench::spans($timeline),
            $timeline->makespan()->milliseconds,
        );
    }
}
