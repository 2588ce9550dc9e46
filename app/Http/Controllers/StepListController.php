<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Bench\ReadListRequest;
use App\Http\Resources\Bench\ReadList;
use App\Queries\Account\BenchOfPainter;
use App\Queries\Bench\StepsInList;

final readonly class StepListController
{
    public function store(ReadListRequest $request, StepsInList $steps, BenchOfPainter $bench): ReadList
    {
        return ReadList::of($steps($bench($request->painter()), $request->list(), $request->placement(), $request->above()));
    }
}
