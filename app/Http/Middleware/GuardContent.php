<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Tells the browser to run and load nothing but what this server ships. */
final class GuardContent
{
    /** Floating panels place themselves by inline style, so styles alone may stand inline. */
    public const POLICY = "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; "
        ."font-src 'self'; connect-src 'self'; worker-src 'self'; manifest-src 'self'; object-src 'none'; base-uri 'none'; "
        ."form-action 'self'; frame-ancestors 'none'";

    public const TOO_LARGE = 'That is larger than anything this server takes. '
        .'A file stays under 5 MB: choose a design exported here, or only this year of a calendar.';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->set('Content-Security-Policy', self::POLICY);
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('Referrer-Policy', 'same-origin');

        return $response;
    }
}
