<?php

declare(strict_types=1);

namespace App\Plan\Money;

use App\Http\Resources\Resource;
use App\Plan\Days\DaySummary;
use Core\Plan\BookingKind;
use Core\Plan\Defaults;
use Core\Plan\Money\EasyAmount;
use Core\Plan\Money\FaceOrHour;
use Core\Plan\Money\Quote;
use Core\Plan\Money\QuotePart;

/**
 * What an event costs and brings; amounts in the smallest unit of the currency.
 *
 * @phpstan-type QuoteLine array{part: QuotePart, cents: int}
 *
 * DesignPriced: chairMs: that a face of it keeps a chair, the turnaround in it; priceCents: on the menu; 0 for none;
 *   wantedCents: with which the wished hour is reached; anHourCents: that a chair takes with nothing else, at the price on the
 *   menu.
 * @phpstan-type DesignPriced array{
 *     designId: string,
 *     name: string,
 *     chairMs: int,
 *     priceCents: int,
 *     wantedCents: int|null,
 *     anHourCents: int,
 * }
 *
 * FaceOrHourShown: lowCents: by the face, on one day of ten no more; highCents: on one day of ten no less; faceWins: the share
 *   of days on which being paid by the face brings more; evenHourCents: with so much an artist's hour the two come to the same.
 * @phpstan-type FaceOrHourShown array{
 *     byFaceCents: int,
 *     lowCents: int,
 *     highCents: int,
 *     byHourCents: int,
 *     faceWins: float,
 *     evenHourCents: int,
 * }
 * @phpstan-type MoneyTermsShown array{
 *     hourCents: int,
 *     leastCents: int,
 *     kilometreCents: int,
 *     materialsCents: int,
 *     isTravelPaid: bool,
 *     isSetUpPaid: bool,
 *     kilometres: int,
 *     travelMinutes: int,
 *     pitchCents: int,
 *     offeredHourCents: int|null,
 * }
 */
final readonly class MoneySheet extends Resource
{
    /**
     * @param  float  $hours  at the chairs, all artists together
     * @param  int  $aroundMinutes  set-up and pack-up, of each artist
     * @param  float  $faces  to be painted, as a rule
     * @param  int  $facesFew  one day of ten has no more
     * @param  MoneyTermsShown  $terms
     * @param  FaceOrHourShown|null  $faceOrHour
     * @param  list<QuoteLine>  $quote
     * @param  int|null  $faceCents  mean price of a face for the wished hour, as a rule
     * @param  int|null  $faceFewCents  the same on a day with few faces
     * @param  list<DesignPriced>  $designs
     * @param  int|null  $breakEvenFaces  null where they never bring back what was laid out
     * @param  int|null  $breakEvenAt  milliseconds since 1970
     */
    public function __construct(
        public DaySummary $day,
        public array $terms,
        public string $currency,
        public BookingKind $kind,
        public int $artists,
        public float $hours,
        public int $aroundMinutes,
        public float $faces,
        public int $facesFew,
        public array $quote,
        public int $quoteCents,
        public ?int $bookingCents,
        public ?int $faceCents,
        public ?int $faceFewCents,
        public int $meanPriceCents,
        public array $designs,
        public int $outlayCents,
        public ?int $breakEvenFaces,
        public ?int $breakEvenAt,
        public ?int $breakEvenCents,
        public ?array $faceOrHour,
    ) {}

    public static function of(MoneyRead $read): self
    {
        $tally = $read->outlook->tally;
        $faces = $tally->meanFaces();
        $few = $tally->faces(1 - Defaults::WANTED_CHANCE);
        $mean = $faces > 0 ? $tally->meanTakings() / $faces : 0.0;
        $breakEven = $read->price->breakEven($mean);
        $eachFaceMs = $faces > 0 ? $read->outlook->scenario->open->milliseconds / $faces : 0.0;
        $price = $read->price->forTheHour($faces);
        $fewPrice = $read->price->forTheHour($few);

        return new self(
            day: DaySummary::of($read->day),
            terms: self::terms($read->terms),
            currency: $read->currency,
            kind: $read->plan->kind,
            artists: $read->work->artists,
            hours: round($read->work->painting->milliseconds / 3_600_000, 2),
            aroundMinutes: intdiv($read->work->around->milliseconds, 60_000),
            faces: round($faces, 1),
            facesFew: $few,
            quote: self::quote($read->quote),
            quoteCents: $read->quote->total(),
            bookingCents: $read->plan->bookingCents,
            faceCents: $price === null ? null : EasyAmount::ofFace($price),
            faceFewCents: $fewPrice === null ? null : EasyAmount::ofFace($fewPrice),
            meanPriceCents: (int) round($mean),
            designs: self::priced($read),
            outlayCents: $read->price->outlay,
            breakEvenFaces: $breakEven,
            breakEvenAt: $breakEven === null ? null : $read->day->opens->epochMilliseconds + (int) round($breakEven * $eachFaceMs),
            breakEvenCents: $read->price->breakEvenPrice($faces),
            faceOrHour: $read->faceOrHour === null ? null : self::faceOrHour($read->faceOrHour),
        );
    }

    /** @return list<QuoteLine> */
    private static function quote(Quote $quote): array
    {
        return array_map(
            static fn (string $part, int $cents): array => ['part' => QuotePart::from($part), 'cents' => $cents],
            array_keys($quote->parts),
            $quote->parts,
        );
    }

    /** @return list<DesignPriced> */
    private static function priced(MoneyRead $read): array
    {
        $wanted = $read->price->byDesign($read->outlook->tally->byOffer(), $read->minutes);
        $all = [];
        foreach ($read->menu as $at => $offered) {
            $all[] = [
                'designId' => $offered->offer->id,
                'name' => $offered->name,
                'chairMs' => (int) round(60_000 * $read->minutes[$at]),
                'priceCents' => $offered->offer->price,
                'wantedCents' => $wanted[$at] ?? null,
                'anHourCents' => (int) round(60 / $read->minutes[$at] * $offered->offer->price),
            ];
        }

        return $all;
    }

    /** @return FaceOrHourShown paid by the face, or by the hour: what stays of either */
    private static function faceOrHour(FaceOrHour $both): array
    {
        return [
            'byFaceCents' => $both->mean(),
            'lowCents' => $both->byFace(1 - Defaults::WANTED_CHANCE),
            'highCents' => $both->byFace(Defaults::WANTED_CHANCE),
            'byHourCents' => $both->byHour,
            'faceWins' => round($both->faceWins(), 3),
            'evenHourCents' => $both->evenHour,
        ];
    }

    /** @return MoneyTermsShown the rates of a team and what an event takes, as they are sent back to be kept or tried */
    private static function terms(MoneyTerms $terms): array
    {
        return [
            'hourCents' => $terms->rates->hour,
            'leastCents' => $terms->rates->least,
            'kilometreCents' => $terms->rates->kilometre,
            'materialsCents' => $terms->rates->materials,
            'isTravelPaid' => $terms->rates->isTravelPaid,
            'isSetUpPaid' => $terms->rates->isSetUpPaid,
            'kilometres' => $terms->costs->kilometres,
            'travelMinutes' => intdiv($terms->costs->travel->milliseconds, 60_000),
            'pitchCents' => $terms->costs->pitch,
            'offeredHourCents' => $terms->costs->offeredHour,
        ];
    }
}
