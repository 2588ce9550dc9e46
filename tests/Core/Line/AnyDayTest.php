<?php

declare(strict_types=1);

use Core\Line\EventKind;
use Core\Line\Line;
use Core\Line\LineEvent;
use Core\Line\NeedsWholeDay;
use Core\Line\Story;
use Core\Line\StoryValues;
use Core\Line\Ticket;
use Core\Line\TicketStatus;
use Core\Units\Duration;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Line\Day;

it('has the same state for any order of arrival and any repeats', function (): void {
    $chance = new Randomizer(new Mt19937(41));
    $counted = $aside = 0;
    foreach (range(1, 340) as $_) {
        $events = Day::any($chance, $chance->getInt(1, 60))->events;
        $line = Line::fold($events);
        $repeats = array_filter($events, static fn (): bool => $chance->getInt(0, 2) === 0);
        $counted += count($events) - count($line->setAside);
        $aside += count($line->setAside);

        expect(Line::fold($chance->shuffleArray([...$events, ...$repeats, ...$repeats])))->toEqual($line);
    }
    // The days are lively: a good share of the taps does something, and a good share is turned down.
    expect($counted)->toBeGreaterThan(2000)->and($aside)->toBeGreaterThan(2000);
});

it('is the same whether folded at once or resumed after late arrivals', function (): void {
    $chance = new Randomizer(new Mt19937(43));
    foreach (range(1, 100) as $_) {
        $events = Day::any($chance, 40)->events;
        $early = array_filter($events, static fn (): bool => $chance->getInt(0, 1) === 0);
        Line::fold($early);

        expect(Line::fold([...$early, ...$events]))->toEqual(Line::fold($events));
    }
});

it('never has two children on one chair or one child on two', function (): void {
    $chance = new Randomizer(new Mt19937(47));
    foreach (range(1, 200) as $_) {
        $line = Day::any($chance, 60)->fold();
        $seated = array_filter($line->tickets, static fn ($ticket): bool => $ticket->status === TicketStatus::Seated);

        expect($line->chairs)->toHaveCount(count($seated))
            ->and(array_unique($line->chairs))->toHaveCount(count($seated));
        foreach ($line->chairs as $chair => $id) {
            expect($line->tickets[$id]->chair)->toBe($chair)->and($line->tickets[$id]->status)->toBe(TicketStatus::Seated);
        }
    }
});

it('undoes a tap as if it had never been', function (): void {
    $chance = new Randomizer(new Mt19937(53));
    $undone = 0;
    foreach (range(1, 300) as $_) {
        $day = Day::any($chance, $chance->getInt(5, 40));
        $before = $day->fold();
        $last = $day->events[count($day->events) - 1]->at->epochMilliseconds / 1000 + 5;
        $waiting = $before->queue()[0] ?? null;
        $painted = $before->seatedOn(1);
        $step = $painted?->face?->currentIndex();
        match (true) {
            $step !== null => $day->done($painted->number, 's'.($step + 1), (int) $last),
            $painted !== null => $day->tap(EventKind::Finished, $painted->number, (int) $last),
            $waiting !== null => $day->tap(
                $chance->getInt(0, 1) === 0 ? EventKind::Left : EventKind::NoShow,
                $waiting->number,
                (int) $last,
            ),
            default => $day->tap($before->isOpen ? EventKind::Closed : EventKind::Opened, null, (int) $last),
        };
        if ($day->fold()->setAside !== $before->setAside) {
            continue;
        }
        $undone++;
        $after = $day->undo(at: (int) $last + 1)->fold();

        expect($after->tickets)->toEqual($before->tickets)->and($after->chairs)->toEqual($before->chairs)
            ->and($after->isOpen)->toBe($before->isOpen)->and($after->setAside)->toEqual($before->setAside);
    }
    expect($undone)->toBeGreaterThan(200);
});

it('spends on the steps of a face what lies between seating and the last tap, pauses off', function (): void {
    $chance = new Randomizer(new Mt19937(59));
    foreach (range(1, 200) as $_) {
        $day = Day::open()->join(1)->seat(1, at: 10, seconds: array_fill(0, 6, 30));
        $now = 10;
        $paused = 0;
        foreach (range(1, 6) as $step) {
            $now += $chance->getInt(1, 50);
            if ($chance->getInt(0, 2) === 0) {
                $pause = $chance->getInt(1, 300);
                $day->tap(EventKind::Paused, 1, $now)->tap(EventKind::Resumed, 1, $now + $pause);
                $now += $pause;
                $paused += $pause;
            }
            $chance->getInt(0, 3) === 0 && $step < 6 ? $day->skip(1, "s{$step}", $now) : $day->done(1, "s{$step}", $now);
        }
        $face = $day->ticket(1)->face;

        expect($face?->faceTime(Day::at($now + 999)))->toEqual(Duration::ofSeconds($now - 10 - $paused))
            ->and($day->fold()->setAside)->toBe([]);
    }
});

/** @return list<mixed> all that a screen shows of a line, and all that it can take back */
function seen(Line $line, int $ended): array
{
    return [
        $line->isOpen, $line->queue(), $line->chairs, array_map($line->seatedOn(...), [1, 2]),
        $line->finishedCount(), $line->highestNumber(), array_slice($line->ended(), 0, $ended),
        array_map(static fn (Ticket $ticket): ?string => $line->newestEventOf($ticket->id), array_slice($line->ended(), 0, $ended)),
    ];
}

it('goes on from what it did not forget as if it had forgotten nothing, or says that it cannot', function (): void {
    $chance = new Randomizer(new Mt19937(67));
    $wentOn = $could = $late = 0;
    foreach (range(1, 400) as $number) {
        $taps = $chance->getInt(10, 60);
        $events = ($number % 3 === 0 ? Day::any($chance, $taps) : Day::likely($chance, $taps))->events;
        // Some arrive late, by up to eight taps.
        usort(
            $events,
            static fn (LineEvent $one, LineEvent $other): int => $chance->getInt(0, 9) === 0
                ? $chance->getInt(-8, 8)
                : LineEvent::compare($one, $other),
        );
        $split = $chance->getInt(1, count($events) - 1);
        $story = Story::of(array_slice($events, 0, $split))->forgetting(2);
        foreach (array_chunk(array_slice($events, $split), 3) as $index => $later) {
            $whole = Story::of(array_slice($events, 0, $split + 3 * $index + count($later)));
            $could++;
            try {
                $isLate = LineEvent::compare(Line::inOrder($later)[0], $story->line->newest ?? $later[0]) < 0;
                $story = StoryValues::read((array) json_decode(
                    (string) json_encode(StoryValues::of($story->with($chance->shuffleArray([...$later, ...$later]))->forgetting(2))),
                    true,
                ));
                $late += $isLate ? 1 : 0;
            } catch (NeedsWholeDay) {
                $story = $whole->forgetting(2);

                continue;
            }
            $wentOn++;
            $undoable = static fn (Story $story): array => array_map($story->line->undoable(...), [1, 2]);
            expect(seen($story->line, 2))->toEqual(seen($whole->line, 2))->and($undoable($story))
                ->toEqual($undoable($whole->forgetting(2)));
        }
    }
    expect($wentOn)->toBeGreaterThan(1500)->and($late)->toBeGreaterThan(100)->and($could - $wentOn)->toBeGreaterThan(50);
});

it('does not go on from an event that reaches back to a forgotten child', function (LineEvent $event): void {
    $day = Day::open()->join(1)->join(2)->seat(1, at: 10)->tap(EventKind::Finished, 1, 90)->seat(2, at: 95);
    $story = Story::of($day->events)->forgetting(0);

    expect(static fn () => $story->with([$event]))->toThrow(NeedsWholeDay::class)
        ->and(Story::of($day->events)->with([$event])->line)->toEqual(Line::fold([...$day->events, $event]));
})->with([
    'before that child went' => fn () => new LineEvent('x', EventKind::Paused, Day::at(40), 't2'),
    'about it' => fn () => new LineEvent('x', EventKind::Called, Day::at(200), 't1'),
    'taking its end back' => fn () => new LineEvent('x', EventKind::Undone, Day::at(200), target: 'e0004'),
    'joining again' => fn () => new LineEvent(
        id: 'x',
        kind: EventKind::Joined,
        at: Day::at(200),
        ticket: 't1',
        number: 1,
        firstName: null,
        design: 'wave',
    ),
]);

it('knows what became of each event, and why', function (): void {
    $day = Day::open()->join(1)->join(2)->tap(EventKind::Moved, 1)->seat(2)->seat(1);
    $judged = Story::of($day->events)->events;

    expect($judged[3]->rank)->toBe(2.5)->and($judged[5]->aside)->toBe('Chair 1 has No. 2 in it.')
        ->and(array_filter(array_column($judged, 'aside')))->toHaveCount(1);
});
