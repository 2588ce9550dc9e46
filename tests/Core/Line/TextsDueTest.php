<?php

declare(strict_types=1);

use Core\Line\Ahead\Outlook;
use Core\Line\Ahead\PlannedTimes;
use Core\Line\EventKind;
use Core\Line\Seating\Roster;
use Core\Line\Texts\TextKind;
use Core\Line\Texts\TextsDue;
use Core\Units\Duration;
use Core\Units\Instant;
use Tests\Core\Line\Day;

/** @return array<int, list<string>> what is due to each number, some seconds into the day; it closes after two hours */
function textsDue(Day $day, int $seconds, int $closes = 7200): array
{
    $line = $day->fold();
    $due = TextsDue::of(new Outlook(
        line: $line,
        planned: new PlannedTimes(array_fill_keys(array_column($line->tickets, 'design'), Duration::ofSeconds(240))),
        roster: new Roster([]),
        turnaround: Duration::ofSeconds(60),
        chairs: 1,
        now: Instant::ofEpochMilliseconds($seconds * 1000),
    ), Instant::ofEpochMilliseconds($closes * 1000));
    $byNumber = [];
    foreach ($due as $ticket => $kinds) {
        $byNumber[$line->tickets[$ticket]->number] = array_map(static fn (TextKind $kind): string => $kind->value, $kinds);
    }

    return $byNumber;
}

it('calls whoever can sit down, and warns those who have two before them', function (): void {
    $day = Day::open();
    foreach (range(1, 5) as $number) {
        $day->join($number, at: $number);
    }
    expect(textsDue($day, 10))->toBe([1 => ['your_turn'], 2 => ['two_before'], 3 => ['two_before']]);
});

it('does not count who was called and is not there', function (): void {
    $day = Day::open();
    foreach (range(1, 5) as $number) {
        $day->join($number, at: $number);
    }
    $day->tap(EventKind::Called, 1, 6);
    expect(array_keys(textsDue($day, 10)))->toBe([1, 2, 3])
        ->and(textsDue($day, 6 + 301)[4])->toBe(['two_before']);
});

it('tells those who wait that the line is closing: by hand, or twenty minutes before the end', function (): void {
    $day = Day::open();
    foreach (range(1, 5) as $number) {
        $day->join($number, at: $number);
    }
    expect(textsDue($day, 10, closes: 10 + 1201)[5] ?? [])->toBe([])
        ->and(textsDue($day, 10, closes: 10 + 1200)[5])->toBe(['closing'])
        ->and(textsDue($day, 10, closes: 10 + 1200)[1])->toBe(['your_turn']);
    $day->tap(EventKind::Closed, at: 8);
    expect(textsDue($day, 10)[2])->toBe(['two_before', 'closing'])->and(textsDue($day, 10)[5])->toBe(['closing']);
});
