<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\OfferLiveRungs;
use App\Actions\TakeSearchSlot;
use App\Actions\WatchSearch;
use App\Http\Requests\BareTeamRequest;
use App\Http\Requests\FaceRequest;
use App\Http\Requests\RungRequest;
use App\Http\Resources\LadderSheet;
use App\Http\Resources\LiveLadder;
use App\Http\Resources\RungSheet;
use App\Queries\BenchOfPainter;
use App\Queries\LadderOfDesign;
use App\Queries\RungOnBench;

final readonly class LadderController
{
    private const SECONDS = 6;

    public function show(BareTeamRequest $request, LadderOfDesign $ladder, BenchOfPainter $bench, TakeSearchSlot $takeSlot): LadderSheet
    {
        $slot = $takeSlot();
        try {
            return $ladder($bench($request->painter()), $request->design(), WatchSearch::silent(self::SECONDS));
        } finally {
            $slot->release();
        }
    }

    public function rung(RungRequest $request, RungOnBench $rung, BenchOfPainter $bench): RungSheet
    {
        return $rung($bench($request->painter()), $request->design(), $request->choice())
            ?? abort(422, 'That version cannot be painted: a step in it lacks what it needs, or no order keeps all rules.');
    }

    public function live(FaceRequest $request, OfferLiveRungs $offer, BenchOfPainter $bench): LiveLadder
    {
        return $offer($bench($request->painter()), $request->day(), $request->ticketId());
    }
}
