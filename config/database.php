<?php

declare(strict_types=1);

return [
    'default' => 'mariadb',

    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            // Several, with commas between them, hold the same: one that answers is taken.
            'host' => explode(',', (string) env('DB_HOST', '127.0.0.1')),
            'port' => env('DB_PORT', '33321'),
            'database' => env('DB_DATABASE', 'inch'),
            'username' => env('DB_USERNAME', 'inch'),
            'password' => env('DB_PASSWORD', ''),
            'unix_socket' => env('DB_SOCKET', ''),
            'prefix' => '',
            'engine' => 'InnoDB',
            'use_db_after_connecting' => false,
            'options' => [
                // A worker keeps its connection, and a query is one round trip instead of three.
                PDO::ATTR_PERSISTENT => true,
                PDO::ATTR_EMULATE_PREPARES => true,
                // Gap locks of the stricter level make two painters who save two different designs wait for each other, or
                // end one of them as a deadlock; what must not change under a transaction is locked by name.
                // Laravel's own keys for these ask again at each request; this is said once, when a connection is made.
                PDO::MYSQL_ATTR_INIT_COMMAND => "SET NAMES 'utf8mb4' COLLATE 'utf8mb4_unicode_520_ci', SESSION "
                    ."tx_isolation='READ-COMMITTED', SESSION sql_mode='ONLY_FULL_GROUP_BY,"
                    ."STRICT_TRANS_TABLES,NO_ZERO_IN_DATE,NO_ZERO_DATE,ERROR_FOR_DIVISION_BY_ZERO,NO_ENGINE_SUBSTITUTION'",
            ],
        ],
    ],
];
