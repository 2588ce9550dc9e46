<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ReadListRequest;
use App\Http\Resources\ReadList;
use App\Queries\BenchOfPainter;
use App\Queries\StepsInList;

final readonly class StepListController
{
    public function store(ReadListRequest $request, StepsInList $steps, BenchOfPainter $bench): ReadList
    {
        return $steps($bench($request->painter()), $request->list(), $request->placement(), $request->above());
    }
}
