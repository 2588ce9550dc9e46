<?php

declare(strict_types=1);

namespace App\Account\Ways;

use App\Http\Requests\BareTeamRequest;

final readonly class WaysController
{
    public function __construct(private WaysOfPainter $ways, private ChangeWays $change, private BenchOfPainter $bench) {}

    public function show(BareTeamRequest $request): WaysSheet
    {
        return ($this->ways)($request->painter());
    }

    public function schools(SchoolsRequest $request): WaysSheet
    {
        ($this->change)($request->painter(), $request->change());

        return ($this->ways)($request->painter());
    }

    public function weather(WeatherRequest $request): WaysSheet
    {
        ($this->change)($request->painter(), $request->change());

        return ($this->ways)($request->painter());
    }

    public function timing(TimingRequest $request): WaysSheet
    {
        ($this->change)($request->painter(), $request->change());

        return ($this->ways)($request->painter());
    }

    public function number(NumberRequest $request): WaysSheet
    {
        ($this->change)($request->painter(), $request->change($this->bench->ways($request->painter())));

        return ($this->ways)($request->painter());
    }

    public function forgetWork(BareTeamRequest $request): WaysSheet
    {
        ($this->change)($request->painter(), ['worked_share' => null, 'worked_times' => 0]);

        return ($this->ways)($request->painter());
    }

    public function touchTest(TouchTestRequest $request): WaysSheet
    {
        ($this->change)($request->painter(), $request->change());

        return ($this->ways)($request->painter());
    }

    public function forgetTouchTest(BareTeamRequest $request): WaysSheet
    {
        ($this->change)($request->painter(), ['touched_factor' => null, 'touched_at' => null]);

        return ($this->ways)($request->painter());
    }
}
