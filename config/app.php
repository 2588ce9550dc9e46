<?php

declare(strict_types=1);

return [
    'name' => 'Inch Timer',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8321'),
    /** The page and its files come from the same server, by whatever name or port it was reached. */
    'asset_url' => '/',
    'timezone' => 'UTC',
    'locale' => 'en',
    'key' => env('APP_KEY'),

    /** The demo sign-in is shown on the sign-in page only where this is on. */
    'demo' => (bool) env('INCH_DEMO', false),
];
