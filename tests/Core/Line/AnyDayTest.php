<?php

declare(strict_types=1);

use Core\Exceptions\NeedsWholeDay;
use Core\Line\EventKind;
use Core\Line\Line;
use Core\Line\LineEvent;
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
            $waiting !== null => $day->tap($chance->getInt(0, 1) === 0 ? EventKind::Left : EventKind::NoShow, $waiting->number, (int) $last),
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

it('goes on from what it did not forget as if it had forgotten nothing, or says that it cannot', function (): void {
    $chance = new Randomizer(new Mt19937(67));
    $wentOn = $could = 0;
    $seen = static fn (Line $line): array => [
        $line->isOpen, $line->queue(), $line->chairs, array_map($line->seatedOn(...), [1, 2]), array_map($line->undoable(...), [1, 2]),
        $line->finishedCount(), $line->highestNumber(), array_slice($line->ended(), 0, 2),
        array_map(static fn (Ticket $ticket): ?string => $line->newestEventOf($ticket->id), array_slice($line->ended(), 0, 2)),
    ];
    foreach (range(1, 300) as $number) {
        $taps = $chance->getInt(10, 60);
        $events = ($number % 3 === 0 ? Day::any($chance, $taps) : Day::likely($chance, $taps))->events;
        usort($events, LineEvent::compare(...));
        $split = $chance->getInt(1, count($events) - 1);
        $line = Line::fold(array_slice($events, 0, $split))->forgetting(2);
        expect(count($line->setAside))->toBe(0);
        foreach (array_chunk(array_slice($events, $split), 3) as $index => $later) {
            $whole = Line::fold(array_slice($events, 0, $split + 3 * $index + count($later)));
            $could++;
            try {
                $line = $line->goOn($chance->shuffleArray([...$later, ...$later]))->forgetting(2);
            } catch (NeedsWholeDay) {
                $line = $whole->forgetting(2);

                continue;
            }
            $wentOn++;
            expect($seen($line))->toEqual($seen($whole));
        }
    }
    expect($wentOn)->toBeGreaterThan(1000)->and($could - $wentOn)->toBeGreaterThan(300);
});

it('does not go on from an event that lies before the newest it has seen', function (): void {
    $line = Day::open()->join(1, at: 10)->fold();

    expect(fn () => $line->goOn(Day::open()->join(1, at: 10)->events))->toThrow(NeedsWholeDay::class);
});
