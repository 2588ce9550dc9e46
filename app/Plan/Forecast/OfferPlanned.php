<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Http\Resources\Resource;
use Core\Design\RungName;

/** A design on the menu as it is planned with: how long it takes the team, as painted as a rule and in its quick version. */
final readonly class OfferPlanned extends Resource
{
    public function __construct(
        public string $designId,
        public string $name,
        public ?RungName $rung,
        public int $usualMs,
        public ?int $quickMs,
        public int $priceCents,
    ) {}

    public static function of(OfferedTimes $offered): self
    {
        return new self(
            designId: $offered->offer->id,
            name: $offered->name,
            rung: $offered->rung,
            usualMs: $offered->team[0]->middle->milliseconds,
            quickMs: ($offered->team[1] ?? null)?->middle->milliseconds,
            priceCents: $offered->offer->price,
        );
    }
}
