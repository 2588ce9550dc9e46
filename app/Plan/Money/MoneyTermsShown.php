<?php

declare(strict_types=1);

namespace App\Plan\Money;

use App\Http\Resources\Resource;

/** The rates of a team and what an event takes, as they are sent back to be kept or tried. */
final readonly class MoneyTermsShown extends Resource
{
    public function __construct(
        public int $hourCents,
        public int $leastCents,
        public int $kilometreCents,
        public int $materialsCents,
        public bool $isTravelPaid,
        public bool $isSetUpPaid,
        public int $kilometres,
        public int $travelMinutes,
        public int $pitchCents,
        public ?int $offeredHourCents,
    ) {}

    public static function of(MoneyTerms $terms): self
    {
        return new self(
            hourCents: $terms->rates->hour,
            leastCents: $terms->rates->least,
            kilometreCents: $terms->rates->kilometre,
            materialsCents: $terms->rates->materials,
            isTravelPaid: $terms->rates->isTravelPaid,
            isSetUpPaid: $terms->rates->isSetUpPaid,
            kilometres: $terms->costs->kilometres,
            travelMinutes: intdiv($terms->costs->travel->milliseconds, 60_000),
            pitchCents: $terms->costs->pitch,
            offeredHourCents: $terms->costs->offeredHour,
        );
    }
}
