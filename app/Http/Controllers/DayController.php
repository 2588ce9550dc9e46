<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SaveDay;
use App\Actions\SaveMenu;
use App\Http\Requests\BareTeamRequest;
use App\Http\Requests\SaveDayRequest;
use App\Http\Requests\SaveMenuRequest;
use App\Http\Resources\DaySummary;
use App\Http\Resources\LineBoard;
use App\Queries\BenchOfPainter;
use App\Queries\DaysOfTeam;
use App\Queries\LineOfDay;

final readonly class DayController
{
    public function __construct(private DaysOfTeam $days, private LineOfDay $line) {}

    /** @return list<DaySummary> */
    public function index(BareTeamRequest $request): array
    {
        return ($this->days)($request->teamId());
    }

    public function store(SaveDayRequest $request, SaveDay $save): DaySummary
    {
        return $this->days->summary($save($request->newDay(), $request->terms()));
    }

    public function update(SaveDayRequest $request, SaveDay $save): DaySummary
    {
        return $this->days->summary($save($request->day(), $request->terms()));
    }

    public function menu(SaveMenuRequest $request, SaveMenu $save, BenchOfPainter $bench): LineBoard
    {
        $save($bench($request->painter()), $request->day(), $request->terms());

        return ($this->line)($request->day(), $request->painter());
    }
}
