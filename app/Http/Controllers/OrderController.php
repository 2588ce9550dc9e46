<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Bench\FindBestOrder;
use App\Actions\Bench\ProposalRead;
use App\Actions\Bench\TakeSearchSlot;
use App\Actions\Bench\WatchSearch;
use App\Http\Requests\BareTeamRequest;
use App\Http\Requests\Bench\BestOrderRequest;
use App\Http\Requests\Bench\PinLineRequest;
use App\Http\Resources\Account\SchoolTime;
use App\Http\Resources\Bench\PinShown;
use App\Http\Resources\Bench\ProposedOrder;
use App\Queries\Account\BenchOfPainter;
use App\Queries\Account\TimesBySchool;
use App\Queries\Bench\PinInLine;
use Symfony\Component\HttpFoundation\StreamedResponse;

final readonly class OrderController
{
    private const SCHOOLS_SECONDS = 6;

    /** A proposal a line, each better than the one before; the last one says that it is done. */
    public function best(BestOrderRequest $request, FindBestOrder $find, BenchOfPainter $bench, TakeSearchSlot $takeSlot): StreamedResponse
    {
        $painters = $bench($request->painter());
        $slot = $takeSlot($request->teamId(), $request->seconds());

        return response()->stream(static function () use ($request, $find, $painters, $slot): void {
            // Whoever goes away ends the search, which then gives its slot back.
            ignore_user_abort(true);
            try {
                $find($painters, $request->design(), $request->seconds(), self::tell(...));
            } finally {
                $slot->release();
            }
        }, 200, [
            'Content-Type' => 'application/x-ndjson',
            // Passed on line by line, not gathered by the web server.
            'X-Accel-Buffering' => 'no',
        ]);
    }

    /** @return list<SchoolTime> */
    public function schools(BareTeamRequest $request, TimesBySchool $times, BenchOfPainter $bench, TakeSearchSlot $takeSlot): array
    {
        $slot = $takeSlot($request->teamId(), self::SCHOOLS_SECONDS);
        try {
            $watch = WatchSearch::silent(self::SCHOOLS_SECONDS);

            return array_map(SchoolTime::of(...), $times($bench($request->painter()), $request->design(), $watch));
        } finally {
            $slot->release();
        }
    }

    public function pin(PinLineRequest $request, PinInLine $pin): PinShown
    {
        return PinShown::of($pin($request->design(), $request->line()));
    }

    /** Whether anybody still listens. */
    private static function tell(ProposalRead $proposal): bool
    {
        echo json_encode(ProposedOrder::of($proposal), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), "\n";
        flush();

        return connection_aborted() === 0;
    }
}
