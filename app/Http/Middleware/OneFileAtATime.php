<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Account\User;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpFoundation\Response;

/** Files are brought in by two workers, a minute each, maybe: of one team one at a time, so that there is one left for the others. */
final readonly class OneFileAtATime
{
    /** As long as the web server waits for one; a worker that died lets go by then. */
    private const MOST_SECONDS = 300;

    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        assert($user instanceof User);
        $turn = Cache::lock(self::name($user->team_id), self::MOST_SECONDS);
        if ($turn->get() !== true) {
            return response()->json(['message' => 'Another file of your team is being brought in. Wait until it is done.'], 429);
        }
        try {
            $response = $next($request);
            assert($response instanceof Response);

            return $response;
        } finally {
            $turn->release();
        }
    }

    public static function name(string $teamId): string
    {
        return "file of {$teamId}";
    }
}
