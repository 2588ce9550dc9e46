<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Plan\SaveDay;
use App\Actions\Plan\SaveMenu;
use App\Actions\Plan\SaveRoster;
use App\Http\Requests\BareTeamRequest;
use App\Http\Requests\PageRequest;
use App\Http\Requests\Plan\SaveDayRequest;
use App\Http\Requests\Plan\SaveMenuRequest;
use App\Http\Requests\Plan\SaveRosterRequest;
use App\Http\Resources\Line\LineBoard;
use App\Http\Resources\Plan\DaySummary;
use App\Queries\Line\LineOfDay;
use App\Queries\Plan\DayFacts;
use App\Queries\Plan\DaysOfTeam;

final readonly class DayController
{
    public function __construct(private DaysOfTeam $days, private LineOfDay $line) {}

    /** @return list<DaySummary> */
    public function index(PageRequest $request): array
    {
        return array_map(DaySummary::of(...), ($this->days)($request->teamId(), $request->page()));
    }

    /** @return list<DaySummary> */
    public function near(BareTeamRequest $request): array
    {
        return array_map(DaySummary::of(...), $this->days->near($request->teamId()));
    }

    public function store(SaveDayRequest $request, SaveDay $save): DaySummary
    {
        return DaySummary::of(DayFacts::of($save($request->newDay(), $request->terms())));
    }

    public function update(SaveDayRequest $request, SaveDay $save): DaySummary
    {
        return DaySummary::of(DayFacts::of($save($request->day(), $request->terms())));
    }

    public function roster(SaveRosterRequest $request, SaveRoster $save): LineBoard
    {
        $save($request->day(), $request->terms());

        return LineBoard::of(($this->line)($request->day(), $request->painter()));
    }

    public function menu(SaveMenuRequest $request, SaveMenu $save): LineBoard
    {
        $save($request->day(), $request->terms());

        return LineBoard::of(($this->line)($request->day(), $request->painter()));
    }
}
