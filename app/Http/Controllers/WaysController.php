<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Account\ChangeWays;
use App\Http\Requests\Account\NumberRequest;
use App\Http\Requests\Account\SchoolsRequest;
use App\Http\Requests\Account\TimingRequest;
use App\Http\Requests\Account\TouchTestRequest;
use App\Http\Requests\Account\WeatherRequest;
use App\Http\Requests\BareTeamRequest;
use App\Http\Resources\Account\WaysSheet;
use App\Queries\Account\BenchOfPainter;
use App\Queries\Account\WaysOfPainter;

final readonly class WaysController
{
    public function __construct(private WaysOfPainter $ways, private ChangeWays $change, private BenchOfPainter $bench) {}

    public function show(BareTeamRequest $request): WaysSheet
    {
        return WaysSheet::of(($this->ways)($request->painter()));
    }

    public function schools(SchoolsRequest $request): WaysSheet
    {
        ($this->change)($request->painter(), $request->change());

        return WaysSheet::of(($this->ways)($request->painter()));
    }

    public function weather(WeatherRequest $request): WaysSheet
    {
        ($this->change)($request->painter(), $request->change());

        return WaysSheet::of(($this->ways)($request->painter()));
    }

    public function timing(TimingRequest $request): WaysSheet
    {
        ($this->change)($request->painter(), $request->change());

        return WaysSheet::of(($this->ways)($request->painter()));
    }

    public function number(NumberRequest $request): WaysSheet
    {
        ($this->change)($request->painter(), $request->change($this->bench->ways($request->painter())));

        return WaysSheet::of(($this->ways)($request->painter()));
    }

    public function forgetWork(BareTeamRequest $request): WaysSheet
    {
        ($this->change)($request->painter(), ['worked_share' => null, 'worked_times' => 0]);

        return WaysSheet::of(($this->ways)($request->painter()));
    }

    public function touchTest(TouchTestRequest $request): WaysSheet
    {
        ($this->change)($request->painter(), $request->change());

        return WaysSheet::of(($this->ways)($request->painter()));
    }

    public function forgetTouchTest(BareTeamRequest $request): WaysSheet
    {
        ($this->change)($request->painter(), ['touched_factor' => null, 'touched_at' => null]);

        return WaysSheet::of(($this->ways)($request->painter()));
    }
}
