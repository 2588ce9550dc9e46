<?php

declare(strict_types=1);

// Prints minutes as painters type them, each with what the core reads in it, and times with how the core writes them, as JSON.

use Core\Units\Duration;

require __DIR__.'/../vendor/autoload.php';

$typed = [
    '', '0', '3', '4:30', '4:5', '4:05', '4:60', '4m30', '4m30s', '4 m 30 s', '4 : 30', '270s', '270 s', '2.5', '2,5', '2.5 min',
    '3 MIN', '90S', '1.5s',
    ' 3 ', '1:2:3', ':30', '3:', '-3', '+3', 'three', '3x', '3 minutes', '3 sec', '0:00', '00:45', '1e3', '12:34', '123:59', '.5',
    '3.', '1 2', 'm', 's', '3mm', '3m', '3m 05',
];
$shown = [0, 1, 499, 500, 999, 1000, 1499, 1500, 59_499, 59_500, 60_000, 61_000, 119_500, 599_999, 600_000, 3_600_000, 35_999_500];
echo json_encode([
    'typed' => array_map(static fn (string $text): array => [$text, Duration::tryParse($text)?->milliseconds], $typed),
    'shown' => array_map(static fn (int $ms): array => [$ms, Duration::ofMilliseconds($ms)->format()], $shown),
], JSON_THROW_ON_ERROR), "\n";
