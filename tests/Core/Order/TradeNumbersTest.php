<?php

declare(strict_types=1);

use Core\Order\Check;
use Core\Order\Circumstances;
use Core\Order\Craft\Finding;
use Core\Order\Schools\InvalidTradeNumber;
use Core\Order\Schools\TradeNumber;
use Core\Order\Schools\TradeNumbers;
use Core\Surface\Drying;
use Core\Surface\Weather;
use Tests\Core\Order\Craft;

it('starts from the team’s values, and takes a painter’s own', function (TradeNumber $number): void {
    $own = TradeNumbers::of([$number->value => $number->most()]);

    expect((new TradeNumbers)->get($number))->toBe($number->start())->and((new TradeNumbers)->isOwn($number))->toBeFalse()
        ->and($own->get($number))->toBe($number->most())->and($own->isOwn($number))->toBeTrue()
        ->and($number->start())->toBeGreaterThanOrEqual($number->least())->toBeLessThanOrEqual($number->most())
        ->and($number->label())->not->toBe('');
})->with(TradeNumber::cases());

it('refuses what is out of bounds, saying what to give, and minds no unknown name', function (): void {
    expect(fn () => TradeNumbers::of(['wax_seconds' => 4]))->toThrow(InvalidTradeNumber::class, 'from 5 to 600')
        ->and(TradeNumbers::of(['moon_phase' => 4])->isOwn(TradeNumber::WaxSeconds))->toBeFalse();
});

/** @return list<string> */
function rulesUnder(Circumstances $circumstances): array
{
    $design = Craft::cheek(
        'Night: brush wash brush night blue fill cheek and cheekbone left, 0:20',
        'Foam: brush round 2 white line cheek left, 0:10',
    );

    return array_map(static fn (Finding $one): string => $one->rule, Check::of($design, $circumstances)->findings);
}

it('is gone by wherever it bears on a finding', function (): void {
    $usual = Craft::circumstances();
    $quick = $usual->withDrying(Drying::atReference()->ofPaints(10.0, 60.0));
    $patient = new Circumstances(
        kit: $usual->kit,
        changeovers: $usual->changeovers,
        times: $usual->times,
        drying: $usual->drying,
        schools: $usual->schools,
        numbers: TradeNumbers::of(['line_at_once' => 60]),
    );

    expect(rulesUnder($usual))->toContain('pale-line-on-dry-dark')
        ->and(rulesUnder($quick))->not->toContain('pale-line-on-dry-dark')
        ->and(rulesUnder($patient))->not->toContain('pale-line-on-dry-dark');
});

it('says what drying rests on', function (Drying $drying, string $words): void {
    expect($drying->basis->words())->toContain($words);
})->with([
    'weather' => [fn () => Drying::in(new Weather(28, 40, 1)), 'weather'],
    'touch test' => [fn () => Drying::atFactor(1.4), 'touch test'],
    'work' => [fn () => Drying::atReference()->goneOn(1.5), 'without a repair'],
    'nothing but the reference' => [fn () => Drying::in(Weather::reference()), ''],
]);

it('dries faster by what was learnt of going on, within bounds', function (): void {
    expect(Drying::atReference()->goneOn(1.5)->factor)->toBe(1.5)->and(Drying::atFactor(3.0)->goneOn(2.0)->factor)->toBe(4.0);
});
