<?php

declare(strict_types=1);

namespace App\Plan\Money;

use App\Http\Resources\Resource;

/** A design with the price that its minutes ask for. */
final readonly class DesignPriced extends Resource
{
    /**
     * @param  int  $chairMs  that a face of it keeps a chair, the turnaround in it
     * @param  int  $priceCents  on the menu; 0 for none
     * @param  int|null  $wantedCents  with which the wished hour is reached
     * @param  int  $anHourCents  that a chair takes with nothing else, at the price on the menu
     */
    public function __construct(
        public string $designId,
        public string $name,
        public int $chairMs,
        public int $priceCents,
        public ?int $wantedCents,
        public int $anHourCents,
    ) {}

    /** @return list<self> */
    public static function all(MoneyRead $read): array
    {
        $wanted = $read->price->byDesign($read->outlook->tally->byOffer(), $read->minutes);
        $all = [];
        foreach ($read->menu as $at => $offered) {
            $all[] = new self(
                designId: $offered->offer->id,
                name: $offered->name,
                chairMs: (int) round(60_000 * $read->minutes[$at]),
                priceCents: $offered->offer->price,
                wantedCents: $wanted[$at] ?? null,
                anHourCents: (int) round(60 / $read->minutes[$at] * $offered->offer->price),
            );
        }

        return $all;
    }
}
