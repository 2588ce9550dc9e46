<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Bench\FindBestOrder;
use App\Actions\Bench\ProposalRead;
use App\Actions\Bench\WatchSearch;
use App\Actions\Search\Listener;
use App\Http\Requests\BareTeamRequest;
use App\Http\Requests\Bench\BestOrderRequest;
use App\Http\Requests\Bench\PinLineRequest;
use App\Http\Resources\Account\SchoolTime;
use App\Http\Resources\Bench\PinShown;
use App\Http\Resources\Bench\ProposedOrder;
use App\Queries\Account\BenchOfPainter;
use App\Queries\Account\TimesBySchool;
use App\Queries\Bench\PinInLine;
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
            static fn (ProposalRead $read): bool => $listener->tell(ProposedOrder::of($read)),
        );

        return response()->noContent();
    }

    /** @return list<SchoolTime> */
    public function schools(BareTeamRequest $request, TimesBySchool $times, BenchOfPainter $bench, Listener $listener): array
    {
        $watch = WatchSearch::for(self::SCHOOLS_SECONDS, $listener->isThere());

        return array_map(SchoolTime::of(...), $times($bench($request->painter()), $request->design(), $watch));
    }

    public function pin(PinLineRequest $request, PinInLine $pin): PinShown
    {
        return PinShown::of($pin($request->design(), $request->line()));
    }
}
