<?php

declare(strict_types=1);

namespace Core\Plan\Money;

use Core\Units\Duration;

/** What a booking is offered for, part by part; amounts in the smallest unit of the currency. */
final readonly class Quote
{
    /** @param  array<string, int>  $parts  by QuotePart, those of nothing left out */
    private function __construct(public array $parts) {}

    /** @param  int  $faces  that are to be painted */
    public static function of(Rates $rates, Costs $costs, Work $work, int $faces): self
    {
        $parts = [
            QuotePart::Painting->value => self::wage($work->painting, $rates),
            QuotePart::SetUp->value => $rates->isSetUpPaid ? self::wage($work->aroundOfAll(), $rates) : 0,
            QuotePart::TravelTime->value => $rates->isTravelPaid ? self::wage($work->onTheWay($costs), $rates) : 0,
            QuotePart::Way->value => 2 * $costs->kilometres * $rates->kilometre,
            QuotePart::Pitch->value => $costs->pitch,
            QuotePart::Materials->value => $faces * $rates->materials,
        ];
        $parts[QuotePart::Least->value] = max(0, $rates->least - array_sum($parts));
        $sum = array_sum($parts);
        $parts[QuotePart::Rounding->value] = EasyAmount::ofBooking($sum) - $sum;

        return new self(array_filter($parts, static fn (int $amount): bool => $amount !== 0));
    }

    public function total(): int
    {
        return array_sum($this->parts);
    }

    private static function wage(Duration $time, Rates $rates): int
    {
        return (int) round($rates->hour * $time->milliseconds / 3_600_000);
    }
}
