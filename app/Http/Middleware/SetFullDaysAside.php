<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Plan\EventDay;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * The more there is on a line, the longer each of its taps takes. Those of a very full day are taken by workers of their own, which
 * give way to all others: nobody else waits behind them. The web server is told so, and sends the whole request there.
 */
final readonly class SetFullDaysAside
{
    /** Where to; the web server says it, except to those workers. */
    private const WHERE = 'INCH_FULL_DAYS';

    /** Eight chairs with two hundred children waiting have some 700. Team's estimate. */
    private const MOST_EVENTS = 800;

    public function handle(Request $request, Closure $next): Response
    {
        $where = $request->server(self::WHERE);
        $day = $request->route('day');
        if (is_string($where) && $where !== '' && $day instanceof EventDay && $this->isFull($day)) {
            // Not done yet: nobody is told of a change.
            return new Response('', Response::HTTP_TEMPORARY_REDIRECT, ['X-Accel-Redirect' => $where]);
        }
        $response = $next($request);
        assert($response instanceof Response);

        return $response;
    }

    private function isFull(EventDay $day): bool
    {
        return DB::table('line_stories')->where('event_day_id', $day->id)->where('events', '>', self::MOST_EVENTS)->exists();
    }
}
