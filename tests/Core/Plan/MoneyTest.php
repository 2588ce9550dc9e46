<?php

declare(strict_types=1);

use Core\Plan\Money\Costs;
use Core\Plan\Money\EasyAmount;
use Core\Plan\Money\FaceOrHour;
use Core\Plan\Money\FacePrice;
use Core\Plan\Money\Quote;
use Core\Plan\Money\QuotePart;
use Core\Plan\Money\Rates;
use Core\Plan\Money\Work;
use Core\Plan\Simulation\Tally;
use Core\Units\Currency;
use Core\Units\Duration;

/** Rates of invented round figures. */
function rates(mixed ...$changed): Rates
{
    return new Rates(...[
        'hour' => 4000, 'least' => 0, 'kilometre' => 30, 'materials' => 50, 'isTravelPaid' => true, 'isSetUpPaid' => true, ...$changed,
    ]);
}

function costs(int $kilometres = 20, int $minutes = 30, int $pitch = 0): Costs
{
    return new Costs($kilometres, Duration::ofMinutes($minutes), $pitch, null);
}

/** Two hours of one artist, and three quarters of an hour around them. */
function partyWork(int $artists = 1): Work
{
    return new Work(Duration::ofMinutes(120 * $artists), Duration::ofMinutes(45), $artists);
}

/** @param  list<array{int, int}>  $days  faces and takings */
function tallyOf(array $days): Tally
{
    return new Tally(3_600_000, [
        'faces' => array_column($days, 0), 'takings' => array_column($days, 1), 'end' => [], 'late' => [], 'lost' => [], 'waits' => [],
    ], ['balked' => 0, 'left' => 0, 'unpainted' => 0, 'idle' => 0, 'waits' => 0, 'overtime' => 0, 'looks' => 0], [], [], [], []);
}

it('quotes a party part by part', function (): void {
    $quote = Quote::of(rates(), costs(), partyWork(), 14);

    // By hand: 2 h at 40, 0:45 at 40, 1 h on the way at 40, 40 km at 0.30, 14 faces at 0.50: 80 + 30 + 40 + 12 + 7 = 169, said as 170.
    expect($quote->parts)->toBe([
        'painting' => 8000, 'set_up' => 3000, 'travel_time' => 4000, 'way' => 1200, 'materials' => 700, 'rounding' => 100,
    ])->and($quote->total())->toBe(17_000);
});

it('takes as many artists along as come, in one vehicle', function (): void {
    $quote = Quote::of(rates(), costs(), partyWork(2), 14);
    expect($quote->parts)->toMatchArray(['painting' => 16_000, 'set_up' => 6000, 'travel_time' => 8000, 'way' => 1200]);
});

it('asks for no less than the least charge, and for no hours that are not paid', function (): void {
    $quote = Quote::of(rates(least: 15_000, isTravelPaid: false, isSetUpPaid: false), costs(), partyWork(), 14);

    expect($quote->parts)->toBe(['painting' => 8000, 'way' => 1200, 'materials' => 700, 'least' => 5100])
        ->and($quote->total())->toBe(15_000);
});

it('asks for nothing where nothing is wanted', function (): void {
    $free = rates(hour: 0, kilometre: 0, materials: 0);
    expect(Quote::of($free, costs(), partyWork(), 14)->total())->toBe(0)->and(Quote::of($free, costs(), partyWork(), 14)->parts)->toBe([]);
});

it('prices a face so that the wished hour is reached', function (): void {
    // By hand: 3.75 h at 40 is 150, the way 12, the place 38: 200 over 50 faces is 4.00, and 0.50 of materials each.
    $price = FacePrice::of(rates(), costs(pitch: 3800), partyWork());
    expect([$price->wages, $price->outlay])->toBe([15_000, 5000])->and($price->forTheHour(50))->toBe(450)
        ->and($price->forTheHour(0))->toBeNull();

    // What is taken at that price pays for everything.
    foreach ([1, 7, 33, 50, 120] as $faces) {
        $all = $faces * ($price->forTheHour($faces) - 50);
        expect($all)->toBeGreaterThanOrEqual(20_000)->toBeLessThan(20_000 + $faces);
    }
});

it('lets who sits longer pay for it', function (): void {
    $price = FacePrice::of(rates(materials: 0), costs(pitch: 3800), partyWork());
    $each = $price->byDesign([30.0, 10.0], [2.0, 6.0]);
    // 200.00 over 120 chair minutes is 1.67 a minute.
    expect($each)->toBe([EasyAmount::ofFace(334), EasyAmount::ofFace(1000)])->toBe([340, 1000])
        ->and($price->byDesign([0.0, 0.0], [2.0, 6.0]))->toBeNull();
});

it('says when what was laid out is back', function (): void {
    $price = FacePrice::of(rates(), costs(pitch: 3800), partyWork());
    // 50.00 laid out; of 4.50 a face 0.50 is used up: 12.5 faces.
    expect($price->breakEven(450.0))->toBe(13)->and($price->breakEvenPrice(25))->toBe(250)
        // A face that costs what it brings never brings anything back.
        ->and($price->breakEven(50.0))->toBeNull()
        ->and(FacePrice::of(rates(), costs(0, 0), partyWork())->breakEven(50.0))->toBe(0);
});

it('holds pay by the face against pay by the hour', function (): void {
    $days = [[20, 9000], [30, 13_500], [40, 18_000], [50, 22_500]];
    $both = FaceOrHour::of(rates(), costs(pitch: 3800), partyWork(), 7000, tallyOf($days));

    // By hand: of 4.50 a face 4.00 stay, less 12 for the way and 38 for the place; by the hour 2 h at 70, less the way and the materials
    // of 35 faces.
    expect($both->byFace)->toBe([3000, 7000, 11_000, 15_000])->and($both->mean())->toBe(9000)
        ->and($both->byHour)->toBe(14_000 - 1750 - 1200)->and($both->faceWins())->toBe(0.25)
        ->and($both->byFace(0.5))->toBe(7000);

    // Paid that much by the hour, the two come to the same.
    $even = FaceOrHour::of(rates(), costs(pitch: 3800), partyWork(), $both->evenHour, tallyOf($days));
    expect($even->byHour)->toEqualWithDelta($both->mean(), 2);
});

it('says amounts that can be said', function (int $amount, int $face, int $booking): void {
    expect(EasyAmount::ofFace($amount))->toBe($face)->and(EasyAmount::ofBooking($amount))->toBe($booking);
})->with([
    [0, 0, 0], [3, 3, 3], [437, 450, 440], [450, 450, 450], [600, 600, 600], [16_900, 17_000, 17_000], [23_450, 24_000, 24_000],
]);

it('never says less, and hardly more', function (): void {
    for ($amount = 1; $amount < 60_000; $amount += 37) {
        $face = EasyAmount::ofFace($amount);
        $booking = EasyAmount::ofBooking($amount);
        expect($face)->toBeGreaterThanOrEqual($amount)->toBeLessThanOrEqual((int) ceil(1.125 * $amount))
            ->and($booking)->toBeGreaterThanOrEqual($amount)->toBeLessThanOrEqual((int) ceil(1.0625 * $amount));
    }
});

it('starts from rates in whole units of whatever currency', function (): void {
    expect(Rates::starting(Currency::of('EUR'))->hour)->toBe(3500)->and(Rates::starting(Currency::of('JPY'))->hour)->toBe(35)
        ->and(Rates::starting(Currency::of('KWD'))->materials)->toBe(500);
});

it('names every part of a quote once', function (): void {
    $quote = Quote::of(rates(least: 900_000), costs(pitch: 100), partyWork(), 3);
    expect(array_keys($quote->parts))->each->toBeIn(array_column(QuotePart::cases(), 'value'));
});
