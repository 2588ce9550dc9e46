<?php

declare(strict_types=1);

use Core\Line\Ahead\AfterFace;
use Core\Line\Caution;
use Core\Line\EventKind;
use Core\Line\PauseReason;
use Core\Line\Payment;
use Core\Plan\TurnaroundPart;
use Core\Units\Duration;
use Tests\Core\Line\Day;

it('counts what is done after a face under the parts that are planned', function (): void {
    $parts = array_map(TurnaroundPart::of(...), AfterFace::cases());

    expect($parts)->toBe([
        TurnaroundPart::Mirror, TurnaroundPart::Mirror, TurnaroundPart::Pay, TurnaroundPart::Clean, TurnaroundPart::Clean,
        TurnaroundPart::Clean,
    ]);
});

it('splits a turnaround that is only known as a whole into all of it', function (int $seconds): void {
    $parts = TurnaroundPart::split(Duration::ofSeconds($seconds));
    $sum = array_sum(array_map(static fn (Duration $part): int => $part->milliseconds, $parts));

    expect(array_keys($parts))->toBe(array_column(TurnaroundPart::cases(), 'value'))->and($sum)->toEqualWithDelta($seconds * 1000, 3);
})->with([0, 45, 60, 90, 61]);

it('has a word for everything that can be pressed, and no word twice', function (string $enum): void {
    $labels = array_map(static fn (AfterFace|Caution|PauseReason|Payment $one): string => $one->label(), $enum::cases());

    expect(array_unique($labels))->toHaveCount(count($labels))->and(array_filter($labels, static fn (string $label): bool => $label === ''))
        ->toBe([]);
})->with([AfterFace::class, Caution::class, PauseReason::class, Payment::class]);

it('knows when a step or two are left', function (): void {
    $day = Day::open()->join(1)->seat(1, seconds: [30, 20, 10]);

    expect($day->ticket(1)->face?->isNearlyPainted())->toBeFalse()
        ->and($day->done(1, 's1')->ticket(1)->face?->isNearlyPainted())->toBeTrue();
});

it('lets the names desk sell out and put back, and neither ask, nor take money, nor mend', function (): void {
    $desk = array_filter(EventKind::cases(), static fn (EventKind $kind): bool => $kind->isOfNamesDesk());

    expect($desk)->toContain(EventKind::SoldOut, EventKind::OnMenuAgain)->and(array_intersect(
        array_column($desk, 'value'),
        ['asked', 'paid', 'mended', 'part_done', 'wiped_off', 'seated'],
    ))->toBe([]);
});
