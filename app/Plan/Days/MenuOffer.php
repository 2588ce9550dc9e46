<?php

declare(strict_types=1);

namespace App\Plan\Days;

use App\Http\Resources\Resource;
use App\Line\Offered\DesignOnDay;
use Core\Design\Place\Placement;
use Core\Design\RungName;

/** A design on the menu of the day; the rung that is painted, null for as typed. */
final readonly class MenuOffer extends Resource
{
    public function __construct(
        public string $designId,
        public string $name,
        public Placement $placement,
        public int $promiseMs,
        public ?int $priceCents,
        public ?string $planId,
        public int $plannedMs,
        public ?RungName $rung,
    ) {}

    /** @return list<self> those of the designs that are on the menu, in its order */
    public static function listOf(DesignOnDay ...$designs): array
    {
        $offers = [];
        foreach ($designs as $design) {
            $offers[] = $design->offer === null ? null : new self(
                designId: $design->id,
                name: $design->name,
                placement: $design->placement,
                promiseMs: $design->offer->promise->milliseconds,
                priceCents: $design->offer->priceCents,
                planId: $design->planId,
                plannedMs: $design->planned->milliseconds,
                rung: $design->offer->rung,
            );
        }

        return array_values(array_filter($offers, is_object(...)));
    }
}
