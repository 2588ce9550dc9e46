<?php

declare(strict_types=1);

return [
    /** "outbox" lays letters into storage/outbox, where nobody but this machine reads them; "smtp" sends them. */
    'default' => env('MAIL_MAILER', 'outbox'),
    'mailers' => [
        'outbox' => ['transport' => 'outbox', 'folder' => storage_path('outbox')],
        'smtp' => [
            'transport' => 'smtp', 'host' => env('MAIL_HOST', '127.0.0.1'), 'port' => env('MAIL_PORT', 587),
            'scheme' => env('MAIL_SCHEME'), 'username' => env('MAIL_USERNAME'), 'password' => env('MAIL_PASSWORD'), 'timeout' => 10,
        ],
    ],
    'from' => ['address' => env('MAIL_FROM', 'letters@inch-timer.example'), 'name' => 'Inch Timer'],
];
