<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RecordTaps;
use App\Http\Requests\BareTeamRequest;
use App\Http\Requests\RecordTapsRequest;
use App\Http\Resources\LineBoard;
use App\Http\Resources\Plan;
use App\Http\Resources\TapsAnswer;
use App\Queries\LineOfDay;
use App\Queries\PlansOfDay;

final readonly class LineController
{
    public function __construct(private LineOfDay $line) {}

    public function show(BareTeamRequest $request): LineBoard
    {
        return ($this->line)($request->day(), $request->painter());
    }

    /** @return list<Plan> */
    public function plans(BareTeamRequest $request, PlansOfDay $plans): array
    {
        return $plans($request->day(), $request->painter()->id);
    }

    public function store(RecordTapsRequest $request, RecordTaps $record): TapsAnswer
    {
        [$outcomes, $story] = $record($request->day(), $request->painter(), $request->taps());

        return new TapsAnswer($outcomes, ($this->line)($request->day(), $request->painter(), $story));
    }
}
