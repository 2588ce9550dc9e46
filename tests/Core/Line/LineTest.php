<?php

declare(strict_types=1);

use Core\Line\EventKind;
use Core\Line\InvalidEvent;
use Core\Line\LineEvent;
use Core\Line\StepStatus;
use Core\Line\TicketStatus;
use Tests\Core\Line\Day;

it('is closed until it is opened, and takes no names then', function (): void {
    $line = (new Day)->join(1)->fold();

    expect($line->isOpen)->toBeFalse()
        ->and($line->tickets)->toBe([])
        ->and($line->setAside['e0000'])->toContain('The line is closed');
});

it('keeps those in line by number, and moves one where it is told', function (): void {
    $day = Day::open()->join(1)->join(2)->join(3)->join(4);
    expect($day->queue())->toBe([1, 2, 3, 4]);

    $day->tap(EventKind::Moved, 4, before: 't2');
    expect($day->queue())->toBe([1, 4, 2, 3]);

    $day->tap(EventKind::Moved, 1);
    expect($day->queue())->toBe([4, 2, 3, 1]);

    $day->tap(EventKind::Moved, 3, before: 't4');
    expect($day->queue())->toBe([3, 4, 2, 1]);

    $day->undo();
    expect($day->queue())->toBe([4, 2, 3, 1]);
});

it('paints a child through, one tap a step', function (): void {
    $day = Day::open()->join(1)->tap(EventKind::Called, 1)->seat(1, at: 100)->done(1, 's1', 128)->done(1, 's2', 152)
        ->tap(EventKind::Finished, 1, 170);
    $face = $day->ticket(1)->face;

    expect($day->ticket(1)->status)->toBe(TicketStatus::Finished)
        ->and($day->ticket(1)->endedAt)->toEqual(Day::at(170))
        ->and($face?->paintedAt)->toEqual(Day::at(152))
        ->and($face->runs[0]->spent->seconds())->toBe(28.0)
        ->and($face->runs[1]->spent->seconds())->toBe(24.0)
        ->and($day->fold()->chairs)->toBe([])
        ->and($day->fold()->setAside)->toBe([]);
});

it('counts no time while paused', function (): void {
    $day = Day::open()->join(1)->seat(1, at: 100)->tap(EventKind::Paused, 1, 110)->tap(EventKind::Resumed, 1, 160)
        ->tap(EventKind::Paused, 1, 165)->tap(EventKind::Resumed, 1, 175);
    $face = $day->ticket(1)->face;
    expect($face?->stepTime(Day::at(180))->seconds())->toBe(20.0)
        ->and($face->faceTime(Day::at(180))->seconds())->toBe(20.0);

    $day->done(1, 's1', 190);
    expect($day->ticket(1)->face?->runs[0]->spent->seconds())->toBe(30.0)
        ->and($day->ticket(1)->face->stepTime(Day::at(195))->seconds())->toBe(5.0);
});

it('stands still in the step clock while paused, and a step done then ends at the pause', function (): void {
    $day = Day::open()->join(1)->seat(1, at: 100)->tap(EventKind::Paused, 1, 112);

    expect($day->ticket(1)->face?->stepTime(Day::at(500))->seconds())->toBe(12.0)
        ->and($day->done(1, 's1', 500)->ticket(1)->face?->runs[0]->spent->seconds())->toBe(12.0);
});

it('gives the time spent before a skip to the next step', function (): void {
    $face = Day::open()->join(1)->seat(1, at: 100)->skip(1, 's1', 107)->done(1, 's2', 130)->ticket(1)->face;

    expect($face?->runs[0]->status)->toBe(StepStatus::Skipped)
        ->and($face->runs[0]->spent->isZero())->toBeTrue()
        ->and($face->runs[1]->spent->seconds())->toBe(30.0);
});

it('sets aside what makes no sense as the line stands, and says why', function (Day $day, string $why): void {
    $line = $day->fold();

    expect(array_values($line->setAside))->toHaveCount(1)
        ->and(array_values($line->setAside)[0])->toContain($why)
        ->and(array_key_first($line->setAside))->toBe($day->events[count($day->events) - 1]->id);
})->with([
    'opened twice' => [fn () => Day::open()->tap(EventKind::Opened), 'open already'],
    'closed twice' => [fn () => Day::open()->tap(EventKind::Closed)->tap(EventKind::Closed), 'closed already'],
    'a number given twice' => [fn () => Day::open()->join(1)->join(1), 'has a number already'],
    'an unknown child' => [fn () => Day::open()->tap(EventKind::Called, 9), 'not on this line'],
    'a chair that is taken' => [fn () => Day::open()->join(1)->join(2)->seat(1)->seat(2), 'Chair 1 has No. 1 in it'],
    'seated twice' => [fn () => Day::open()->join(1)->seat(1)->seat(1, 2), 'No. 1 was seated twice: chair 1 kept it'],
    'a step out of turn' => [fn () => Day::open()->join(1)->seat(1)->done(1, 's2'), 'not the one being painted'],
    'a step done twice' => [fn () => Day::open()->join(1)->seat(1)->done(1, 's1')->done(1, 's1'), 'was done already'],
    'an unknown step' => [fn () => Day::open()->join(1)->seat(1)->done(1, 's7'), 'not the one being painted'],
    'a step of a finished face' => [fn () => Day::open()->join(1)->seat(1)->tap(EventKind::Finished, 1)->done(1, 's1'), 'is finished'],
    'finished from the line' => [fn () => Day::open()->join(1)->tap(EventKind::Finished, 1), 'still waiting'],
    'paused twice' => [fn () => Day::open()->join(1)->seat(1)->tap(EventKind::Paused, 1)->tap(EventKind::Paused, 1), 'paused already'],
    'resumed while running' => [fn () => Day::open()->join(1)->seat(1)->tap(EventKind::Resumed, 1), 'running already'],
    'paused when painted' => [
        fn () => Day::open()->join(1)->seat(1, seconds: [9])->done(1, 's1')->tap(EventKind::Paused, 1),
        'nothing to pause',
    ],
    'a no-show in the chair' => [fn () => Day::open()->join(1)->seat(1)->tap(EventKind::NoShow, 1), 'is in the chair'],
    'left twice' => [fn () => Day::open()->join(1)->tap(EventKind::Left, 1)->tap(EventKind::Left, 1), 'has left'],
    'moved in front of somebody gone' => [
        fn () => Day::open()->join(1)->join(2)->tap(EventKind::Removed, 1)->tap(EventKind::Moved, 2, before: 't1'), 'no longer in the line',
    ],
    'an undo of nothing' => [fn () => Day::open()->tap(EventKind::Undone, target: 'e9999'), 'did not count'],
    'an undo twice over' => [fn () => Day::open()->join(1)->undo(1)->undo(1), 'undone before'],
    'a stale undo' => [fn () => Day::open()->join(1)->seat(1)->done(1, 's1')->undo(2), 'Undo the later tap first'],
]);

it('takes the newest tap of a child back', function (): void {
    $day = Day::open()->join(1)->seat(1, at: 100)->done(1, 's1', 130)->undo(at: 140);
    $face = $day->ticket(1)->face;
    expect($face?->currentIndex())->toBe(0)->and($face->stepTime(Day::at(150))->seconds())->toBe(50.0);

    $day->undo(2, 151);
    expect($day->ticket(1)->status)->toBe(TicketStatus::Waiting)->and($day->fold()->chairs)->toBe([]);
});

it('brings a child back that was taken off', function (EventKind $kind): void {
    $day = Day::open()->join(1)->join(2)->tap($kind, 1);
    expect($day->queue())->toBe([2]);

    expect($day->undo()->queue())->toBe([1, 2]);
})->with([EventKind::Left, EventKind::NoShow, EventKind::Removed]);

it('puts nobody on a chair that somebody else has by now', function (): void {
    $day = Day::open()->join(1)->join(2)->seat(1)->tap(EventKind::Finished, 1)->seat(2)->undo(4);

    expect($day->fold()->setAside)->toHaveCount(1)
        ->and(array_values($day->fold()->setAside)[0])->toContain('Undo that first')
        ->and($day->fold()->seatedOn(1)?->number)->toBe(2);
});

it('undoes two events of one instant as one press, newest first', function (): void {
    $day = Day::open()->join(1)->join(2)->seat(1, at: 10)->tap(EventKind::Finished, 1, 90)->seat(2, at: 90);

    expect($day->fold()->undoable(1))->toBe(['e0005', 'e0004']);

    $day->tap(EventKind::Undone, at: 95, target: 'e0005')->tap(EventKind::Undone, at: 95, target: 'e0004');
    expect($day->fold()->seatedOn(1)?->number)->toBe(1)->and($day->queue())->toBe([2]);
});

it('offers no undo that would seat another child where one was brought back', function (): void {
    $day = Day::open()->join(1)->join(2)->seat(1)->tap(EventKind::Left, 1)->seat(2)->tap(EventKind::Finished, 2);
    expect($day->fold()->undoable(1))->toBe(['e0006']);

    $day->undo(4);
    expect($day->fold()->seatedOn(1)?->number)->toBe(1)->and($day->fold()->undoable(1))->toBe([]);

    $day->tap(EventKind::Paused, 1);
    expect($day->fold()->undoable(1))->toBe(['e0008']);
});

it('keeps the plan that a face was seated with', function (): void {
    $day = Day::open()->join(1)->seat(1, seconds: [30, 20, 10]);

    expect($day->ticket(1)->face?->plan->total()->seconds())->toBe(60.0)
        ->and($day->tap(EventKind::Changed, 1, design: 'crab')->fold()->setAside)->toHaveCount(1);
});

it('finishes a face early, and leaves the rest unpainted', function (): void {
    $ticket = Day::open()->join(1)->seat(1, at: 10)->done(1, 's1', 40)->tap(EventKind::Finished, 1, 45)->ticket(1);

    expect($ticket->status)->toBe(TicketStatus::Finished)->and($ticket->face?->runs[1]->status)->toBe(StepStatus::Pending);
});

it('refuses a tap without the fields that its kind needs', function (EventKind $kind, string $field): void {
    expect(fn () => new LineEvent('e', $kind, Day::at(1), ...($field === 'ticket' ? [] : ['ticket' => 't1'])))
        ->toThrow(InvalidEvent::class, "does not say its {$field}");
})->with([
    [EventKind::Joined, 'number'], [EventKind::Changed, 'design'], [EventKind::Seated, 'chair'], [EventKind::StepDone, 'step'],
    [EventKind::Undone, 'target'], [EventKind::Called, 'ticket'], [EventKind::Paused, 'ticket'], [EventKind::Left, 'ticket'],
]);
