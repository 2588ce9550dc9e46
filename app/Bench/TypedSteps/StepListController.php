<?php

declare(strict_types=1);

namespace App\Bench\TypedSteps;

use App\Account\Ways\BenchOfPainter;

final readonly class StepListController
{
    public function store(ReadListRequest $request, StepsInList $steps, BenchOfPainter $bench): ReadList
    {
        return $steps($bench($request->painter()), $request->list(), $request->placement(), $request->above(), $request->called());
    }
}
