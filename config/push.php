<?php

declare(strict_types=1);

return [
    // Where the web server takes word of changes, to hand them to the screens that listen; empty where it takes none.
    'socket' => env('INCH_PUSH_SOCKET', ''),
];
