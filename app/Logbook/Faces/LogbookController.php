<?php

declare(strict_types=1);

namespace App\Logbook\Faces;

use App\Account\Files\BringInEvent;
use App\Account\Files\EventAsFile;
use App\Http\Requests\BareTeamRequest;
use App\Http\Requests\PageRequest;
use App\Line\Forgetting\ForgetChildren;
use App\Logbook\Report\DayReportShown;
use App\Logbook\Report\ReportAsCsv;
use App\Logbook\Report\ReportOfDay;
use App\Plan\Days\DayFacts;
use App\Plan\Days\DaySummary;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final readonly class LogbookController
{
    /** @return list<LogDay> */
    public function index(PageRequest $request, LoggedDays $days): array
    {
        return $days->days($request->teamId(), $request->page());
    }

    /** @return list<LogYear> */
    public function years(BareTeamRequest $request, LoggedDays $loggedDays): array
    {
        return $loggedDays->years($request->teamId());
    }

    public function show(BareTeamRequest $request, LogOfDay $log): DayLog
    {
        return $log($request->day());
    }

    public function report(BareTeamRequest $request, ReportOfDay $report): DayReportShown
    {
        return DayReportShown::of($report($request->day()));
    }

    /** A guardian asked for it: what was painted stays, of nobody. */
    public function forget(BareTeamRequest $request, ForgetChildren $forgetChildren): Response
    {
        abort_unless($forgetChildren->ofChild($request->day(), $request->number()), 404);

        return response()->noContent();
    }

    public function mend(MendRequest $request, MendStep $mend, LogOfDay $log): DayLog
    {
        $outcome = $mend(
            day: $request->day(),
            painter: $request->painter(),
            ticket: $request->ticketId(),
            position: $request->position(),
            spent: $request->spent(),
        );
        $says = $outcome === null ? 'That face has no such step.' : $outcome->message;
        abort_if($says !== '', 422, $says);

        return $log($request->day());
    }

    public function takeOut(BareTeamRequest $request, EventAsFile $asFile): BinaryFileResponse
    {
        return response()->download($asFile($request->day()), 'event.zip')->deleteFileAfterSend();
    }

    /** The body is the file itself. */
    public function bringIn(BareTeamRequest $request, BringInEvent $bringIn): DaySummary
    {
        $body = $request->getContent(true);

        return DaySummary::of(DayFacts::of($bringIn->fromStream($request->painter(), $body)));
    }

    public function csv(BareTeamRequest $request, ReportAsCsv $csv): Response
    {
        return response($csv($request->day()), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="faces.csv"',
        ]);
    }
}
