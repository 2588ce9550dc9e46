<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Begin\BeginWork;
use App\Actions\Begin\ThrowAwayBeginning;
use App\Http\Requests\BareTeamRequest;
use App\Http\Requests\Begin\BeginRequest;
use App\Http\Resources\Plan\DaySummary;
use App\Queries\Plan\DayFacts;
use Illuminate\Http\Response;

final readonly class BeginController
{
    public function store(BeginRequest $request, BeginWork $begin): DaySummary
    {
        return DaySummary::of(DayFacts::of($begin($request->painter(), $request->terms())));
    }

    public function destroy(BareTeamRequest $request, ThrowAwayBeginning $throwAway): Response
    {
        $throwAway($request->painter());

        return response()->noContent();
    }
}
