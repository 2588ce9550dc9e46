<?php

declare(strict_types=1);

namespace Core\Plan\Money;

use Core\Plan\Defaults;
use Core\Units\Currency;

/** What a team wants for its work, in the smallest unit of its currency. */
final readonly class Rates
{
    /**
     * @param  int  $hour  wished for each artist's hour
     * @param  int  $least  for less the team does not set out
     * @param  int  $kilometre  of the way, for one vehicle
     * @param  int  $materials  that one face uses up
     * @param  bool  $isTravelPaid  whether the hours on the way are worked hours
     * @param  bool  $isSetUpPaid  whether those of set-up and pack-up are
     */
    public function __construct(
        public int $hour,
        public int $least,
        public int $kilometre,
        public int $materials,
        public bool $isTravelPaid,
        public bool $isSetUpPaid,
    ) {}

    public static function starting(Currency $currency): self
    {
        $amount = static fn (float $units): int => (int) round($units * $currency->unit());

        return new self(
            hour: $amount(Defaults::HOUR_UNITS),
            least: $amount(Defaults::LEAST_CHARGE_UNITS),
            kilometre: $amount(Defaults::KILOMETRE_UNITS),
            materials: $amount(Defaults::MATERIALS_UNITS),
            isTravelPaid: true,
            isSetUpPaid: true,
        );
    }
}
