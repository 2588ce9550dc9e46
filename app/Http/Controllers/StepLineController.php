<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ReadLinesRequest;
use App\Http\Resources\ReadLine;
use App\Queries\BenchOfPainter;
use App\Queries\StepsInLines;

final readonly class StepLineController
{
    /** @return list<ReadLine> */
    public function store(ReadLinesRequest $request, StepsInLines $steps, BenchOfPainter $bench): array
    {
        return $steps($bench($request->painter()), $request->lines());
    }
}
