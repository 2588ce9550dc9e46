<?php

declare(strict_types=1);

use Core\Pace\Median;
use Core\Units\Duration;

it('takes the middle of repetitions, so that one slip of the hand does no harm', function (array $seconds, float $middle): void {
    $middleOf = Median::durations(array_map(Duration::ofSeconds(...), $seconds));

    expect($middleOf->seconds())->toEqual($middle);
})->with([
    [[4], 4.0],
    [[4, 6], 5.0],
    [[3, 40, 4], 4.0],
    [[5, 3, 4, 60], 4.5],
]);
