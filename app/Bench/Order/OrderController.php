<?php

declare(strict_types=1);

namespace App\Bench\Order;

use App\Account\Ways\BenchOfPainter;
use App\Bench\TypedSteps\PinInLine;
use App\Bench\TypedSteps\PinLineRequest;
use App\Bench\TypedSteps\PinShown;
use App\Http\Requests\BareTeamRequest;
use App\Search\Queue\Listener;
use Illuminate\Http\Response;

final readonly class OrderController
{
    private const SCHOOLS_SECONDS = 6;

    /** Tells a proposal after another, each better than the one before; the last one says that it is done. */
    public function best(BestOrderRequest $request, FindBestOrder $find, BenchOfPainter $bench, Listener $listener): Response
    {
        $find(
            $bench($request->painter()),
            $request->design(),
            $request->seconds(),
            $listener->tell(...),
        );

        return response()->noContent();
    }

    /** @return list<SchoolTime> */
    public function schools(BareTeamRequest $request, TimesBySchool $times, BenchOfPainter $bench, Listener $listener): array
    {
        $watch = WatchSearch::for(self::SCHOOLS_SECONDS, $listener->isThere());

        return $times($bench($request->painter()), $request->design(), $watch);
    }

    public function pin(PinLineRequest $request, PinInLine $pin): PinShown
    {
        return PinShown::of($pin($request->design(), $request->line()));
    }
}
