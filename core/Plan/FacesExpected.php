<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\Units\Duration;

/** How many faces of each design a day may bring: the menu painted round and round, each as often as the others, until it closes. */
final readonly class FacesExpected
{
    private function __construct() {}

    /**
     * @param  Duration  $open  as long as names are taken from now on
     * @param  Duration  $turnaround  between two faces
     * @param  array<string, Duration>  $planned  painting times, by design
     * @return array<string, float> by design
     */
    public static function of(Duration $open, int $chairs, Duration $turnaround, array $planned): array
    {
        $round = array_reduce(
            $planned,
            static fn (Duration $sum, Duration $face): Duration => $sum->plus($face)->plus($turnaround),
            Duration::zero(),
        );
        $each = $round->isZero() ? 0.0 : $open->milliseconds * $chairs / $round->milliseconds;

        return array_map(static fn (): float => $each, $planned);
    }
}
