<?php

declare(strict_types=1);

namespace App\Plan\Days;

use App\Http\Requests\BareTeamRequest;
use App\Http\Requests\PageRequest;
use App\Line\Told\LineBoard;
use App\Line\Told\LineOfDay;

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

    public function store(SaveDayRequest $request, Days $days): DaySummary
    {
        return DaySummary::of(DayFacts::of($days->save($request->newDay(), $request->terms())));
    }

    public function update(SaveDayRequest $request, Days $days): DaySummary
    {
        return DaySummary::of(DayFacts::of($days->save($request->day(), $request->terms())));
    }

    public function roster(SaveRosterRequest $request, Rosters $rosters): LineBoard
    {
        $rosters->save($request->day(), $request->terms());

        return LineBoard::of(($this->line)($request->day(), $request->painter()));
    }

    public function menu(SaveMenuRequest $request, SaveMenu $save): LineBoard
    {
        $save($request->day(), $request->terms());

        return LineBoard::of(($this->line)($request->day(), $request->painter()));
    }
}
