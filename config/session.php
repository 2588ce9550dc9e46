<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => 60 * 24 * 7,
    'encrypt' => false,
    'cookie' => 'inch_timer',
    'http_only' => true,
    'same_site' => 'lax',

    /** Null marks the cookie secure whenever the request came by HTTPS; loopback without it still works. */
    'secure' => env('SESSION_SECURE_COOKIE'),
];
