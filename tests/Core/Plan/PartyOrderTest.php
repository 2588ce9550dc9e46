<?php

declare(strict_types=1);

use Core\Plan\BirthdayChild;
use Core\Plan\InvalidPartyList;
use Core\Plan\PartyGuest;
use Core\Plan\PartyOrder;
use Core\Units\Duration;

const GUESTS = <<<'LIST'
    Mila 7 birthday
    Oskar 5 + Juna 8
    Levi
    Ida 4
    LIST;

/** @return list<string> */
function called(BirthdayChild $birthday, string $list = GUESTS): array
{
    $order = PartyOrder::of(PartyOrder::read($list), Duration::ofMinutes(60), 1, $birthday);

    return array_map(static fn (array $call): string => $call[0]->name, $order->calls);
}

it('reads a list as it is typed', function (): void {
    expect(PartyOrder::read(GUESTS))->toEqual([
        new PartyGuest('Mila', 7, true, 0), new PartyGuest('Oskar', 5, false, 1), new PartyGuest('Juna', 8, false, 1),
        new PartyGuest('Levi', null, false, 2), new PartyGuest('Ida', 4, false, 3),
    ])
        // As it comes out of a message: commas, ages in words around them, nothing on a line, surnames left out.
        ->and(array_map(
            static fn (PartyGuest $guest): array => [$guest->name, $guest->age, $guest->family],
            PartyOrder::read("Anne-Lie (6 years)\r\n\r\nTómas & Þóra, 3\n12\nElif Berg 9"),
        ))->toBe([['Anne-Lie', 6, 0], ['Tómas', null, 2], ['Þóra', null, 2], ['Elif', 9, 4]]);
});

it('paints little ones early, brothers and sisters together, the birthday child first or last', function (): void {
    expect(called(BirthdayChild::First))->toBe(['Mila', 'Ida', 'Oskar', 'Juna', 'Levi'])
        ->and(called(BirthdayChild::Last))->toBe(['Ida', 'Oskar', 'Juna', 'Levi', 'Mila'])
        ->and(called(BirthdayChild::AsOthers))->toBe(['Ida', 'Oskar', 'Juna', 'Mila', 'Levi'])
        // Nobody's age is known: as they stand on the list.
        ->and(called(BirthdayChild::First, "Sami\nGreta\nNils"))->toBe(['Sami', 'Greta', 'Nils']);
});

it('shares the time out', function (int $artists, array $minutes): void {
    $order = PartyOrder::of(PartyOrder::read(GUESTS), Duration::ofMinutes(60), $artists, BirthdayChild::Last);

    expect($order->each)->toEqual(Duration::ofMinutes(12 * $artists))
        ->and(array_map(static fn (array $call): int => intdiv($call[1]->milliseconds, 60_000), $order->calls))->toBe($minutes);
})->with(['one artist' => [1, [0, 12, 24, 36, 48]], 'two side by side' => [2, [0, 0, 24, 24, 48]]]);

it('refuses a list of nobody, and one of a town', function (): void {
    expect(static fn () => PartyOrder::read(" \n 7 \n"))->toThrow(InvalidPartyList::class, 'Nobody stands on the list')
        ->and(static fn () => PartyOrder::read(str_repeat("Ida\n", 201)))->toThrow(InvalidPartyList::class, '200');
});
