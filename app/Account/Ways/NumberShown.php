<?php

declare(strict_types=1);

namespace App\Account\Ways;

use App\Http\Resources\Resource;
use Core\Order\Schools\TradeNumber;
use Core\Order\Schools\TradeNumbers;

/** A number that findings rest on, as the painter goes by it. */
final readonly class NumberShown extends Resource
{
    /**
     * @param  float  $start  the team's starting value
     * @param  bool  $isSeconds  whether it is a time
     */
    public function __construct(
        public TradeNumber $number,
        public string $label,
        public float $value,
        public float $start,
        public bool $isOwn,
        public bool $isSeconds,
        public float $least,
        public float $most,
    ) {}

    public static function of(TradeNumber $number, TradeNumbers $own): self
    {
        return new self(
            number: $number,
            label: $number->label(),
            value: $own->get($number),
            start: $number->start(),
            isOwn: $own->isOwn($number),
            isSeconds: $number->isSeconds(),
            least: $number->least(),
            most: $number->most(),
        );
    }
}
