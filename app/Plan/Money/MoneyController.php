<?php

declare(strict_types=1);

namespace App\Plan\Money;

use App\Account\SignIn\Accounts;
use App\Account\SignIn\SessionState;
use App\Account\Team\CurrencyRequest;
use App\Account\Team\Teams;
use App\Http\Requests\BareTeamRequest;
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

    public function currency(CurrencyRequest $request, Teams $teams, Accounts $accounts): SessionState
    {
        $teams->changeCurrency($request->painter(), $request->currency());

        return $accounts->whoIsSignedIn();
    }
}
