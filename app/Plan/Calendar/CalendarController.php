<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Http\Requests\BareTeamRequest;
use App\Plan\Days\DayFacts;
use App\Plan\Days\Days;
use App\Plan\Days\DaySummary;
use App\Plan\Diary\ClashShown;
use App\Plan\Diary\CopyDay;
use App\Plan\Diary\CopyDayRequest;
use App\Plan\Diary\DiaryOfTeam;
use Illuminate\Http\Response;

final readonly class CalendarController
{
    /** @return list<ClashShown> */
    public function clashes(BareTeamRequest $request, DiaryOfTeam $diary): array
    {
        return $diary($request->teamId());
    }

    public function day(BareTeamRequest $request, CalendarText $calendarText): Response
    {
        return self::file($calendarText->ofDay($request->day()), 'attachment; filename="event.ics"');
    }

    /** Whoever has the address, without signing in. */
    public function feed(string $token, CalendarText $calendarText): Response
    {
        return self::file($calendarText->ofFeed($token) ?? abort(404), 'inline; filename="events.ics"');
    }

    public function link(BareTeamRequest $request, CalendarFeeds $calendarFeeds): CalendarLink
    {
        return CalendarLink::of($calendarFeeds->ofPainter($request->painter()));
    }

    public function share(BareTeamRequest $request, CalendarFeeds $calendarFeeds): CalendarLink
    {
        return CalendarLink::of($calendarFeeds->share($request->painter()));
    }

    public function revoke(BareTeamRequest $request, CalendarFeeds $calendarFeeds): CalendarLink
    {
        $calendarFeeds->revoke($request->painter(), $request->painter());

        return CalendarLink::of(null);
    }

    public function look(CalendarRequest $request, LookAtCalendar $look): CalendarShown
    {
        return $look($request->teamId(), $request->getContent(), $request->timezone());
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

    public function destroy(BareTeamRequest $request, Days $days): Response
    {
        $days->delete($request->painter(), $request->day());

        return response()->noContent();
    }

    public function restore(BareTeamRequest $request, Days $days): DaySummary
    {
        return DaySummary::of(DayFacts::of($days->restore($request->day())));
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
