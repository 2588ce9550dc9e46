<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Http\Requests\BareTeamRequest;
use Illuminate\Http\Response;

final readonly class PackingController
{
    public function __construct(private PackingOfDay $packing) {}

    public function show(BareTeamRequest $request): PackingSheet
    {
        return PackingSheet::of(($this->packing)($request->day()));
    }

    public function tick(TickRequest $request, TickPacked $tick): Response
    {
        $tick($request->day(), $request->string('thing')->toString(), $request->boolean('isPacked'));

        return response()->noContent();
    }

    public function extras(ExtrasRequest $request, SaveExtras $save): PackingSheet
    {
        $save($request->teamId(), $request->extras());

        return PackingSheet::of(($this->packing)($request->day()));
    }

    public function takeOff(StockRequest $request, TakeOffStock $takeOff): PackingSheet
    {
        $takeOff($request->day(), $request->left());

        return PackingSheet::of(($this->packing)($request->day()));
    }

    public function putBack(BareTeamRequest $request, PutBackStock $putBack): PackingSheet
    {
        $putBack($request->day());

        return PackingSheet::of(($this->packing)($request->day()));
    }
}
