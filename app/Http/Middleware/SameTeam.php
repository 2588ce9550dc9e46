<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Account\User;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What a browser kept for one team is not taken from another that has signed in there since. */
final readonly class SameTeam
{
    public const HEADER = 'X-Team';

    public function handle(Request $request, Closure $next): Response
    {
        $kept = $request->header(self::HEADER);
        $user = $request->user();
        if ($kept !== null && $user instanceof User && $kept !== $user->team_id) {
            return response()->json(
                ['message' => 'Another team is signed in in this browser. Sign in again, and what was kept here is sent.'],
                409,
            );
        }

        $response = $next($request);
        assert($response instanceof Response);

        return $response;
    }
}
