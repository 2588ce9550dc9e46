<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Line\Taps\TellScreens;
use App\Models\Plan\EventDay;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** When something of a day was changed, all who look at it hear so at once; whoever changed it does not wait for that. */
final readonly class TellOfChange
{
    public function __construct(private TellScreens $tell) {}

    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        assert($response instanceof Response);

        return $response;
    }

    public function terminate(Request $request, Response $response): void
    {
        $day = $request->route('day');
        $isDone = $response->isSuccessful() && $response->getStatusCode() !== Response::HTTP_ACCEPTED;
        if ($day instanceof EventDay && ! $request->isMethodSafe() && $isDone) {
            ($this->tell)($day, isTapped: $request->is('api/days/*/taps'));
        }
    }
}
