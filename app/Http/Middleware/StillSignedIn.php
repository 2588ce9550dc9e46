<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Account\SignIn;
use Closure;
use Illuminate\Auth\SessionGuard;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cookie;
use Symfony\Component\HttpFoundation\Response;

/** A device that was signed out from elsewhere is signed out at its next request. */
final readonly class StillSignedIn
{
    /** How exactly it is known when a device was seen last. */
    private const SEEN_MINUTES = 10;

    public function handle(Request $request, Closure $next): Response
    {
        $id = $request->hasSession() ? $request->session()->get(SignIn::class) : null;
        if ($id !== null) {
            $signIn = SignIn::query()->whereKey($id)->first();
            if ($signIn === null) {
                Auth::logout();
                $request->session()->invalidate();
                $request->session()->regenerateToken();
            } elseif ($signIn->seen_at->lt(now()->subMinutes(self::SEEN_MINUTES))) {
                $signIn->update(['seen_at' => now()]);
                $this->renew($request);
            }
        }

        $response = $next($request);
        assert($response instanceof Response);

        return $response;
    }

    /** What keeps a device signed in is good for thirty days from when it was seen last. */
    private function renew(Request $request): void
    {
        $guard = Auth::guard();
        $name = $guard instanceof SessionGuard ? $guard->getRecallerName() : '';
        $shown = $request->cookie($name);
        if (is_string($shown)) {
            Cookie::queue($name, $shown, config()->integer('auth.guards.web.remember'));
        }
    }
}
