<?php

declare(strict_types=1);

use Core\Plan\Diary\Booking;
use Core\Plan\Diary\Clash;
use Core\Plan\Diary\ClashKind;
use Core\Units\Duration;
use Core\Units\Instant;

/**
 * @param  int  $from  minutes into the day
 * @param  list<string>|null  $painters
 */
function booking(
    string $id, int $from, int $until, ?array $painters = null, int $chairs = 1, string $place = '', int $travel = 20,
): Booking {
    return new Booking(
        id: $id,
        from: Instant::ofEpochMilliseconds(60_000 * $from),
        until: Instant::ofEpochMilliseconds(60_000 * $until),
        place: $place === '' ? "at {$id}" : $place,
        travel: Duration::ofMinutes($travel),
        chairs: $chairs,
        painters: $painters,
    );
}

/**
 * @param  list<Booking>  $bookings
 * @return list<string> such as "overlap a b 60"
 */
function clashes(array $bookings, int $painters = 2): array
{
    return array_map(static fn (Clash $clash): string => implode(' ', [
        $clash->kind->value, $clash->first->id, $clash->second->id, $clash->between->seconds() / 60, ...$clash->painters,
    ]), Clash::among($bookings, $painters));
}

it('sees where the same painters are wanted twice', function (array $first, array $second, array $expected): void {
    $one = booking('a', 600, 900, ...$first);
    $other = booking('b', 840, 1000, ...$second);
    expect(clashes([$one, $other]))->toBe($expected)->and(clashes([$other, $one]))->toBe($expected);
})->with([
    'a team of two that shares out' => [[], [], []],
    'two chairs and one, of two' => [['chairs' => 2], [], ['overlap a b 60']],
    'the same painter at both' => [['painters' => ['ines']], ['painters' => ['ines', 'tobi']], ['overlap a b 60 ines']],
    'each at one' => [['painters' => ['ines']], ['painters' => ['tobi']], []],
    'one said, the other shared out' => [['painters' => ['ines', 'tobi']], [], ['overlap a b 60']],
    'at the same place it is still twice' => [
        ['painters' => ['ines'], 'place' => 'Quay'], ['painters' => ['ines'], 'place' => 'Quay'], ['overlap a b 60 ines'],
    ],
]);

it('tells how long both last when one lies within the other', function (): void {
    expect(clashes([booking('a', 600, 1000), booking('b', 700, 730)], 1))->toBe(['overlap a b 30']);
});

it('thinks of the way from one to the next', function (int $gap, array $more, array $expected): void {
    expect(clashes([booking('a', 600, 700, place: 'Quay'), booking('b', 700 + $gap, 900, ...$more)], 1))->toBe($expected);
})->with([
    'by way of home it takes forty minutes' => [30, [], ['short_way a b 30']],
    'time enough' => [40, [], []],
    'the next is far' => [60, ['travel' => 90], ['short_way a b 60']],
    'the same place, however it is written' => [0, ['place' => ' quay'], []],
    'back to back elsewhere' => [0, [], ['short_way a b 0']],
]);

it('does not think of the way where others can go', function (): void {
    expect(clashes([booking('a', 600, 700), booking('b', 710, 900)], 2))->toBe([]);
});

it('finds the same as trying every pair', function (): void {
    $chance = new Random\Randomizer(new Random\Engine\Mt19937(5));
    for ($try = 0; $try < 60; $try++) {
        $bookings = [];
        foreach (range('a', 'h') as $id) {
            $from = $chance->getInt(0, 4000);
            $bookings[] = booking($id, $from, $from + $chance->getInt(60, 600), $chance->getInt(0, 1) === 0 ? null : ['ines']);
        }
        $pairs = [];
        foreach ($bookings as $at => $one) {
            foreach (array_slice($bookings, $at + 1) as $other) {
                $pairs = [...$pairs, ...clashes([$one, $other], 1)];
            }
        }
        expect(clashes($bookings, 1))->toEqualCanonicalizing($pairs);
    }
});

it('has two kinds of clash', function (): void {
    expect(array_column(ClashKind::cases(), 'value'))->toBe(['overlap', 'short_way']);
});
