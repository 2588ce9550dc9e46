<?php

declare(strict_types=1);

use Core\Plan\Defaults;

return [
    // So many days are played for an outlook.
    'days' => (int) env('INCH_DAYS_PLAYED', Defaults::RUNS),
];
