<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Bench\WatchSearch;
use App\Actions\Line\OfferLiveRungs;
use App\Actions\Search\Listener;
use App\Http\Requests\BareTeamRequest;
use App\Http\Requests\Bench\RungRequest;
use App\Http\Requests\Line\FaceRequest;
use App\Http\Resources\Bench\LadderSheet;
use App\Http\Resources\Bench\RungSheet;
use App\Http\Resources\Line\LiveLadder;
use App\Http\Resources\Line\LiveRung;
use App\Queries\Account\BenchOfPainter;
use App\Queries\Bench\LadderOfDesign;
use App\Queries\Bench\RungOnBench;

final readonly class LadderController
{
    private const SECONDS = 6;

    public function show(BareTeamRequest $request, LadderOfDesign $ladder, BenchOfPainter $bench, Listener $listener): LadderSheet
    {
        $watch = WatchSearch::for(self::SECONDS, $listener->isThere());

        return LadderSheet::of($ladder($bench($request->painter()), $request->design(), $watch));
    }

    public function rung(RungRequest $request, RungOnBench $rung, BenchOfPainter $bench): RungSheet
    {
        return RungSheet::of($rung($bench($request->painter()), $request->design(), $request->choice())
            ?? abort(422, 'That version cannot be painted: a step in it lacks what it needs, or no order keeps all rules.'));
    }

    public function live(FaceRequest $request, OfferLiveRungs $offer): LiveLadder
    {
        return new LiveLadder(array_map(LiveRung::of(...), $offer($request->day(), $request->ticketId())));
    }
}
