<?php

declare(strict_types=1);

return [
    'providers' => [
        'users' => ['driver' => 'devices'],
    ],
];
