<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\Units\Duration;

/**
 * What a face may take so that everybody is painted, as painters reckon it (common practice, no source): the artists' minutes shared
 * out among the children, with the turnaround in them.
 */
final readonly class GrossMinutes
{
    private function __construct(public Duration $gross) {}

    /**
     * @param  Duration  $open  from the first face to the last
     * @param  Duration  $breaks  of each artist
     * @return self|null null without children
     */
    public static function of(int $artists, Duration $open, Duration $breaks, int $children): ?self
    {
        return $children < 1 ? null : new self($open->minus($breaks)->times($artists / $children));
    }

    /** What is left for painting. */
    public function net(Duration $turnaround): Duration
    {
        return $this->gross->minus($turnaround);
    }
}
