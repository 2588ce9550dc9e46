<?php

declare(strict_types=1);

return [
    'default' => 'mariadb',

    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '33321'),
            'database' => env('DB_DATABASE', 'inch'),
            'username' => env('DB_USERNAME', 'inch'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_520_ci',
            'prefix' => '',
            'strict' => true,
            'engine' => 'InnoDB',
            'options' => [
                // A worker keeps its connection, and a query is one round trip instead of three.
                PDO::ATTR_PERSISTENT => true,
                PDO::ATTR_EMULATE_PREPARES => true,
            ],
        ],
    ],
];
