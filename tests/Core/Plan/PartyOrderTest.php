<?php

declare(strict_types=1);

use Core\Plan\BirthdayChild;
use Core\Plan\InvalidPartyList;
use Core\Plan\PartyGuest;
use Core\Plan\PartyOrder;
use Core\Units\Duration;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

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

it('loses no child of any list, and tears no family apart', function (int $seed): void {
    $chance = new Randomizer(new Xoshiro256StarStar($seed));
    $names = ['Mila', 'Oskar', 'Juna', 'Levi', 'Ida', 'Sami', 'Greta', 'Nils', 'Alma', 'Piet'];
    $lines = array_map(static fn (int $line): string => implode(' + ', array_map(
        static fn (int $at): string => $names[$chance->getInt(0, 9)].($chance->getInt(0, 2) === 0 ? '' : ' '.$chance->getInt(3, 12)),
        range(1, $chance->getInt(1, 3)),
    )), range(1, $chance->getInt(1, 12)));
    $guests = PartyOrder::read(implode("\n", $lines));
    foreach (BirthdayChild::cases() as $birthday) {
        $order = PartyOrder::of($guests, Duration::ofMinutes(90), $chance->getInt(1, 3), $birthday);
        $called = array_column($order->calls, 0);
        $families = array_map(static fn (PartyGuest $guest): int => $guest->family, $called);
        $seen = array_values(array_filter(
            $families,
            static fn (int $family, int $at): bool => ($families[$at - 1] ?? -1) !== $family,
            ARRAY_FILTER_USE_BOTH,
        ));

        expect(count($called))->toBe(count($guests))
            ->and(array_count_values(array_column($called, 'name')))
            ->toEqualCanonicalizing(array_count_values(array_column($guests, 'name')))
            // Nobody has a birthday here: every family is called in one go.
            ->and(count($seen))->toBe(count(array_unique($families)));
        $times = array_map(static fn (array $call): int => $call[1]->milliseconds, $order->calls);
        $sorted = $times;
        sort($sorted);
        expect($times)->toBe($sorted)->and($times[0])->toBe(0)->and(max($times))->toBeLessThan(90 * 60_000);
    }
})->with(range(1, 20));
