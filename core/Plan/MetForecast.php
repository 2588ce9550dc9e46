<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\Units\Duration;

/** What was foreseen of a day when its line was opened, and what came of it. */
final readonly class MetForecast
{
    /**
     * @param  float  $foreseen  faces, as a rule
     * @param  int  $low  and on one day of ten no more
     * @param  int  $high  and on one day of ten no less
     * @param  int  $painted  faces
     * @param  Duration  $meanForeseen  of a face
     * @param  Duration  $meanPainted  of a face
     */
    public function __construct(
        public float $foreseen,
        public int $low,
        public int $high,
        public int $painted,
        public Duration $meanForeseen,
        public Duration $meanPainted,
    ) {}

    /** Whether the day kept within what eight days of ten do. */
    public function isWithin(): bool
    {
        return $this->painted >= $this->low && $this->painted <= $this->high;
    }

    /**
     * How far a day's faces lie off what was planned, as a standard deviation of the logarithm: the team's starting value, and what
     * the days that were painted say of it. A pooled variance, the starting value weighing as much as Defaults::DAYS_BEFORE days.
     *
     * @param  list<self>  $met
     */
    public static function dayDoubt(array $met): float
    {
        $off = [];
        foreach ($met as $day) {
            if (! $day->meanForeseen->isZero() && ! $day->meanPainted->isZero()) {
                $off[] = log($day->meanPainted->milliseconds / $day->meanForeseen->milliseconds);
            }
        }
        $squares = array_sum(array_map(static fn (float $one): float => $one ** 2, $off));
        $before = Defaults::DAYS_BEFORE * Defaults::LOGGED_DOUBT ** 2;

        return sqrt(($before + $squares) / (Defaults::DAYS_BEFORE + count($off)));
    }
}
