<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\BareTeamRequest;
use App\Http\Requests\PageRequest;
use App\Http\Resources\Logbook\DayLog;
use App\Http\Resources\Logbook\LogDay;
use App\Queries\Logbook\LoggedDays;
use App\Queries\Logbook\LogOfDay;

final readonly class LogbookController
{
    /** @return list<LogDay> */
    public function index(PageRequest $request, LoggedDays $days): array
    {
        return array_map(LogDay::of(...), $days($request->teamId(), $request->page()));
    }

    public function show(BareTeamRequest $request, LogOfDay $log): DayLog
    {
        return DayLog::of($log($request->day()));
    }
}
