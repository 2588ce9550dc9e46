<?php

declare(strict_types=1);

namespace App\Begin\FirstDay;

use App\Http\Requests\BareTeamRequest;
use App\Plan\Days\DayFacts;
use App\Plan\Days\DaySummary;
use Illuminate\Http\Response;

final readonly class BeginController
{
    public function store(BeginRequest $request, Beginnings $beginnings): DaySummary
    {
        return DaySummary::of(DayFacts::of($beginnings->begin($request->painter(), $request->terms())));
    }

    public function destroy(BareTeamRequest $request, Beginnings $beginnings): Response
    {
        $beginnings->throwAway($request->painter());

        return response()->noContent();
    }
}
