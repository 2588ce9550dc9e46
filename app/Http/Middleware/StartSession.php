<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession as LaravelStartSession;

/** Writes a session only when something in it has changed or it has not been written for a while: screens ask every few seconds. */
final class StartSession extends LaravelStartSession
{
    private const WRITTEN_AT = 'written_at';

    private const REST_SECONDS = 600;

    /** @var array<mixed> */
    private array $found = [];

    protected function startSession(Request $request, $session): Session
    {
        $started = parent::startSession($request, $session);
        $this->found = $started->all();

        return $started;
    }

    /** Nothing here ever sends anybody back to where they came from. */
    protected function storeCurrentUrl(Request $request, $session): void {}

    protected function saveSession($request): void
    {
        $session = $request->session();
        $now = now()->getTimestamp();
        $writtenAt = $session->get(self::WRITTEN_AT);
        if ($session->all() === $this->found && is_int($writtenAt) && $now - $writtenAt < self::REST_SECONDS) {
            return;
        }
        $session->put(self::WRITTEN_AT, $now);
        parent::saveSession($request);
    }
}
