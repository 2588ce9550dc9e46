<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Http\Requests\BareTeamRequest;
use Illuminate\Http\Response;

/** What comes of a change is asked for afterwards: it may take a while. */
final readonly class PackingController
{
    public function __construct(private PackingOfDay $packing) {}

    public function show(BareTeamRequest $request): PackingSheet
    {
        return PackingSheet::of(($this->packing)($request->day()));
    }

    public function tick(TickRequest $request, Bag $bag): Response
    {
        $bag->tick($request->day(), $request->string('thing')->toString(), $request->boolean('isPacked'));

        return response()->noContent();
    }

    public function extras(ExtrasRequest $request, Bag $bag): Response
    {
        $bag->saveExtras($request->teamId(), $request->extras());

        return response()->noContent();
    }

    public function takeOff(StockRequest $request, Stock $stock): Response
    {
        $stock->takeOff($request->day(), $request->left());

        return response()->noContent();
    }

    public function putBack(BareTeamRequest $request, Stock $stock): Response
    {
        $stock->putBack($request->day());

        return response()->noContent();
    }
}
