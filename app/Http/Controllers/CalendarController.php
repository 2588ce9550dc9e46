<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Plan\CopyDay;
use App\Actions\Plan\DeleteDay;
use App\Actions\Plan\RestoreDay;
use App\Actions\Plan\RevokeCalendar;
use App\Actions\Plan\ShareCalendar;
use App\Actions\Plan\TakeBookings;
use App\Http\Requests\BareTeamRequest;
use App\Http\Requests\Plan\CalendarRequest;
use App\Http\Requests\Plan\CopyDayRequest;
use App\Http\Requests\Plan\TakeBookingsRequest;
use App\Http\Resources\Plan\CalendarLink;
use App\Http\Resources\Plan\CalendarShown;
use App\Http\Resources\Plan\ClashShown;
use App\Http\Resources\Plan\DaySummary;
use App\Queries\Plan\CalendarOfDay;
use App\Queries\Plan\CalendarOfFeed;
use App\Queries\Plan\DayFacts;
use App\Queries\Plan\DiaryOfTeam;
use App\Queries\Plan\FeedOfPainter;
use App\Queries\Plan\LookAtCalendar;
use Illuminate\Http\Response;

final readonly class CalendarController
{
    /** @return list<ClashShown> */
    public function clashes(BareTeamRequest $request, DiaryOfTeam $diary): array
    {
        return ClashShown::all($diary($request->teamId()));
    }

    public function day(BareTeamRequest $request, CalendarOfDay $calendar): Response
    {
        return self::file($calendar($request->day()), 'attachment; filename="event.ics"');
    }

    /** Whoever has the address, without signing in. */
    public function feed(string $token, CalendarOfFeed $calendar): Response
    {
        return self::file($calendar($token) ?? abort(404), 'inline; filename="events.ics"');
    }

    public function link(BareTeamRequest $request, FeedOfPainter $feed): CalendarLink
    {
        return CalendarLink::of($feed($request->painter()));
    }

    public function share(BareTeamRequest $request, ShareCalendar $share): CalendarLink
    {
        return CalendarLink::of($share($request->painter()));
    }

    public function revoke(BareTeamRequest $request, RevokeCalendar $revoke): CalendarLink
    {
        $revoke($request->painter(), $request->painter());

        return CalendarLink::of(null);
    }

    public function look(CalendarRequest $request, LookAtCalendar $look): CalendarShown
    {
        return CalendarShown::of($look($request->teamId(), $request->getContent(), $request->timezone()));
    }

    /** @return list<DaySummary> */
    public function take(TakeBookingsRequest $request, TakeBookings $take): array
    {
        return array_map(DaySummary::of(...), array_map(DayFacts::of(...), $take($request->teamId(), $request->bookings())));
    }

    /** @return list<DaySummary> */
    public function copy(CopyDayRequest $request, CopyDay $copy): array
    {
        return array_map(DaySummary::of(...), array_map(DayFacts::of(...), $copy($request->day(), $request->dates())));
    }

    public function destroy(BareTeamRequest $request, DeleteDay $delete): Response
    {
        $delete($request->painter(), $request->day());

        return response()->noContent();
    }

    public function restore(BareTeamRequest $request, RestoreDay $restore): DaySummary
    {
        return DaySummary::of(DayFacts::of($restore($request->day())));
    }

    private static function file(string $text, string $disposition): Response
    {
        return response($text, 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => $disposition,
            'Cache-Control' => 'private, max-age=300',
        ]);
    }
}
