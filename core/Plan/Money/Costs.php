<?php

declare(strict_types=1);

namespace Core\Plan\Money;

use Core\Units\Duration;

/** What an event takes and offers besides its faces; amounts in the smallest unit of the currency. */
final readonly class Costs
{
    /**
     * @param  int  $kilometres  one way
     * @param  Duration  $travel  one way
     * @param  int  $pitch  asked for the place to paint at
     * @param  int|null  $offeredHour  that the organiser would pay for each artist's hour; null where nobody has said
     */
    public function __construct(public int $kilometres, public Duration $travel, public int $pitch, public ?int $offeredHour) {}

    public static function none(): self
    {
        return new self(0, Duration::zero(), 0, null);
    }
}
