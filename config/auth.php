<?php

declare(strict_types=1);

return [
    'guards' => [
        // A device that is opened once in thirty days stays signed in (minutes).
        'web' => ['driver' => 'session', 'provider' => 'users', 'remember' => 60 * 24 * 30],
    ],
    'providers' => [
        'users' => ['driver' => 'devices'],
    ],
];
