<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Account\ChangeCurrency;
use App\Actions\Plan\SaveMoney;
use App\Http\Requests\Account\CurrencyRequest;
use App\Http\Requests\BareTeamRequest;
use App\Http\Requests\Plan\MoneyRequest;
use App\Http\Resources\Account\SessionState;
use App\Http\Resources\Plan\MoneySheet;
use App\Queries\Account\WhoIsSignedIn;
use App\Queries\Plan\MoneyOfDay;
use Illuminate\Http\Response;

final readonly class MoneyController
{
    public function __construct(private MoneyOfDay $money) {}

    public function show(BareTeamRequest $request): MoneySheet
    {
        return MoneySheet::of(($this->money)($request->day()));
    }

    public function try(MoneyRequest $request): MoneySheet
    {
        return MoneySheet::of(($this->money)($request->day(), $request->terms()));
    }

    /** What comes of it is asked for afterwards: it takes a while. */
    public function update(MoneyRequest $request, SaveMoney $save): Response
    {
        $save($request->painter(), $request->day(), $request->terms());

        return response()->noContent();
    }

    public function currency(CurrencyRequest $request, ChangeCurrency $change, WhoIsSignedIn $who): SessionState
    {
        $change($request->painter(), $request->currency());

        return SessionState::of($who());
    }
}
