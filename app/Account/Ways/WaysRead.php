<?php

declare(strict_types=1);

namespace App\Account\Ways;

use Core\Order\Schools;
use Core\Order\TradeNumbers;
use Core\Surface\Drying;
use Core\Surface\Weather;
use Core\Timeline\Timing;
use Core\Units\Duration;

/** How a painter works, and in what air. */
final readonly class WaysRead
{
    /**
     * @param  bool  $isTouched  whether a touch test of today says how fast paint dries, not the weather
     * @param  Duration  $waxDry  of a usual brush load
     * @param  Duration  $glycerineDry  likewise
     * @param  int  $workedTimes  how often the painter went on over wet paint, where that says how fast it dries; else 0
     */
    public function __construct(
        public Weather $weather,
        public Drying $drying,
        public bool $isTouched,
        public Duration $waxDry,
        public Duration $glycerineDry,
        public Schools $schools,
        public Timing $timing,
        public TradeNumbers $numbers,
        public int $workedTimes,
    ) {}
}
