<?php

declare(strict_types=1);

return [
    // As OWASP's cheat sheet on password storage of 2023 has it: argon2id with 19 MiB, two rounds, one lane. All letters count.
    'driver' => 'argon2id',
    'argon' => [
        'memory' => (int) env('HASH_MEMORY', 19_456),
        'threads' => 1,
        'time' => (int) env('HASH_TIME', 2),
        // Those of earlier releases are of another kind, and are made anew when somebody signs in with them.
        'verify' => false,
    ],
    'rehash_on_login' => true,
];
