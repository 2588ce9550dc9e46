<?php

declare(strict_types=1);

namespace App\Http\Middleware;

/** The names under which this server answers: its own, and this machine's. */
final readonly class TrustedHosts
{
    private const HERE = ['^127\.0\.0\.1$', '^localhost$', '^\[::1\]$'];

    /** @return list<string> patterns */
    public static function patterns(string $url): array
    {
        return [...self::HERE, '^'.preg_quote((string) parse_url($url, PHP_URL_HOST)).'$'];
    }
}
