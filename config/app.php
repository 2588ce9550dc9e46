<?php

declare(strict_types=1);

use Illuminate\Auth\Passwords\PasswordResetServiceProvider;
use Illuminate\Broadcasting\BroadcastServiceProvider;
use Illuminate\Concurrency\ConcurrencyServiceProvider;
use Illuminate\Notifications\NotificationServiceProvider;
use Illuminate\Pagination\PaginationServiceProvider;
use Illuminate\Redis\RedisServiceProvider;
use Illuminate\Support\ServiceProvider;

return [
    'name' => 'Inch Timer',
    /** As CHANGELOG.md has it. */
    'version' => '1.1.0',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8321'),
    /** The page and its files come from the same server, by whatever name or port it was reached. */
    'asset_url' => '/',
    'timezone' => 'UTC',
    'locale' => 'en',
    'key' => env('APP_KEY'),
    /** With it bin/backup locks the key that a backup carries. */
    'backup_passphrase' => (string) env('INCH_BACKUP_PASSPHRASE', ''),

    /** What is never used here need not be made ready for each request. */
    'providers' => ServiceProvider::defaultProviders()->except([
        BroadcastServiceProvider::class,
        ConcurrencyServiceProvider::class,
        NotificationServiceProvider::class,
        PaginationServiceProvider::class,
        PasswordResetServiceProvider::class,
        RedisServiceProvider::class,
    ])->toArray(),

    /** Whether whoever comes may found a team; where it is off, `artisan inch:team` does. */
    'open' => (bool) env('INCH_OPEN', true),

    /** The demo sign-in is shown on the sign-in page only where this is on. */
    'demo' => (bool) env('INCH_DEMO', false),
];
