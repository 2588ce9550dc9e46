<?php

declare(strict_types=1);

namespace App\Plan\Money;

use App\Http\Resources\Resource;
use Core\Plan\Defaults;
use Core\Plan\Money\FaceOrHour;

/** Paid by the face, or by the hour: what stays of either. */
final readonly class FaceOrHourShown extends Resource
{
    /**
     * @param  int  $lowCents  by the face, on one day of ten no more
     * @param  int  $highCents  on one day of ten no less
     * @param  float  $faceWins  the share of days on which being paid by the face brings more
     * @param  int  $evenHourCents  with so much an artist's hour the two come to the same
     */
    public function __construct(
        public int $byFaceCents,
        public int $lowCents,
        public int $highCents,
        public int $byHourCents,
        public float $faceWins,
        public int $evenHourCents,
    ) {}

    public static function of(FaceOrHour $both): self
    {
        return new self(
            byFaceCents: $both->mean(),
            lowCents: $both->byFace(1 - Defaults::WANTED_CHANCE),
            highCents: $both->byFace(Defaults::WANTED_CHANCE),
            byHourCents: $both->byHour,
            faceWins: round($both->faceWins(), 3),
            evenHourCents: $both->evenHour,
        );
    }
}
