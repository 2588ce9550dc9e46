<?php

declare(strict_types=1);

namespace App\Bench\Ladder;

use App\Account\Ways\BenchOfPainter;
use App\Bench\Order\WatchSearch;
use App\Http\Requests\BareTeamRequest;
use App\Line\Quicker\FaceRequest;
use App\Line\Quicker\LiveLadder;
use App\Line\Quicker\OfferLiveRungs;
use App\Search\Queue\Listener;

final readonly class LadderController
{
    private const SECONDS = 6;

    public function show(BareTeamRequest $request, LadderOfDesign $ladder, BenchOfPainter $bench, Listener $listener): LadderSheet
    {
        $watch = WatchSearch::for(self::SECONDS, $listener->isThere());

        return $ladder($bench($request->painter()), $request->design(), $watch);
    }

    public function rung(RungRequest $request, LadderOfDesign $ladderOfDesign, BenchOfPainter $bench): RungSheet
    {
        return $ladderOfDesign->rung($bench($request->painter()), $request->design(), $request->choice())
            ?? abort(422, 'That version cannot be painted: a step in it lacks what it needs, or no order keeps all rules.');
    }

    public function live(FaceRequest $request, OfferLiveRungs $offer): LiveLadder
    {
        return new LiveLadder($offer($request->day(), $request->ticketId()));
    }
}
