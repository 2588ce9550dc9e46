<?php

declare(strict_types=1);

namespace App\Begin\FirstDay;

use App\Http\Requests\BareTeamRequest;
use App\Plan\Days\DayFacts;
use App\Plan\Days\DaySummary;
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
