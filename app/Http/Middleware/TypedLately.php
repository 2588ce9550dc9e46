<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Account\SignIn\Credentials;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Before what cannot be taken back, or gives all away: whoever picked up a device that is signed in does not know the password. */
final readonly class TypedLately
{
    private const SECONDS = 12 * 3600;

    public function handle(Request $request, Closure $next): Response
    {
        $at = $request->session()->get(Credentials::AT);
        if (! is_int($at) || $at < now()->getTimestamp() - self::SECONDS) {
            return response()->json(
                ['message' => 'Type your password once more. That is asked after twelve hours.'],
                Response::HTTP_LOCKED,
            );
        }
        $response = $next($request);
        assert($response instanceof Response);

        return $response;
    }
}
