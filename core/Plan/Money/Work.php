<?php

declare(strict_types=1);

namespace Core\Plan\Money;

use Core\Units\Duration;

/** The time that an event takes its artists. */
final readonly class Work
{
    /**
     * @param  Duration  $painting  at the chairs, all artists together
     * @param  Duration  $around  set-up and pack-up, of each artist
     * @param  int  $artists  1 at least
     */
    public function __construct(public Duration $painting, public Duration $around, public int $artists) {}

    public function aroundOfAll(): Duration
    {
        return $this->around->times($this->artists);
    }

    /** There and back, all artists together. */
    public function onTheWay(Costs $costs): Duration
    {
        return $costs->travel->times(2 * $this->artists);
    }

    /** What of it is paid by the hour. */
    public function paid(Rates $rates, Costs $costs): Duration
    {
        $paid = $rates->isSetUpPaid ? $this->painting->plus($this->aroundOfAll()) : $this->painting;

        return $rates->isTravelPaid ? $paid->plus($this->onTheWay($costs)) : $paid;
    }
}
