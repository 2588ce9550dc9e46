<?php

declare(strict_types=1);

use Core\Line\Ahead\AfterFace;
use Core\Line\Caution;
use Core\Line\EventKind;
use Core\Line\InvalidEvent;
use Core\Line\Line;
use Core\Line\LineEvent;
use Core\Line\Paid;
use Core\Line\PauseReason;
use Core\Line\Payment;
use Core\Line\StepStatus;
use Core\Units\Duration;
use Tests\Core\Line\Day;

it('counts greeting and asking to no step', function (): void {
    $face = Day::open()->join(1)->seat(1, at: 100)->tap(EventKind::Asked, 1, 125, answers: [])->done(1, 's1', 150)->ticket(1)->face;

    expect($face?->runs[0]->spent)->toEqual(Duration::ofSeconds(25))->and($face?->cautions)->toBe([])
        ->and($face?->begunAt)->toEqual(Day::at(125))->and($face?->seatedAt)->toEqual(Day::at(100));
});

it('leaves out what must not be painted, and goes on with the next', function (): void {
    $day = Day::open()->join(1)->seat(1, at: 100, seconds: [30, 20, 10])
        ->tap(EventKind::Asked, 1, 110, answers: [Caution::Lips], without: ['s1', 's3']);
    $face = $day->ticket(1)->face;
    $painted = $day->done(1, 's2', 140)->ticket(1)->face;

    expect($face?->currentStep())->toBe('s2')->and($face?->cautions)->toBe([Caution::Lips])
        ->and($painted?->paintedAt)->toEqual(Day::at(140))
        ->and(array_map(static fn ($run): StepStatus => $run->status, $painted->runs ?? []))
        ->toBe([StepStatus::Skipped, StepStatus::Done, StepStatus::Skipped]);
});

it('asked late, leaves the clock of the step under the hand alone', function (): void {
    $face = Day::open()->join(1)->seat(1, at: 100)->done(1, 's1', 130)->tap(EventKind::Asked, 1, 140, answers: [])
        ->done(1, 's2', 160)->ticket(1)->face;

    expect($face?->runs[1]->spent)->toEqual(Duration::ofSeconds(30));
});

it('has a step painted again that was wiped off: what it took stays with it, and pace does not learn from it', function (): void {
    $day = Day::open()->join(1)->seat(1, at: 100)->done(1, 's1', 130)->tap(EventKind::WipedOff, 1, 140, step: 's1');
    $face = $day->ticket(1)->face;
    $again = $day->done(1, 's1', 165)->done(1, 's2', 185)->ticket(1)->face;

    expect($face?->currentStep())->toBe('s1')
        ->and($again?->runs[0]->spent)->toEqual(Duration::ofSeconds(30 + 10 + 25))->and($again?->runs[0]->wiped)->toBe(1)
        ->and($again?->runs[0]->isInterrupted)->toBeTrue()->and($again?->runs[1]->spent)->toEqual(Duration::ofSeconds(20))
        ->and($again?->runs[1]->isInterrupted)->toBeFalse()
        ->and($again?->faceTime(Day::at(999)))->toEqual(Duration::ofSeconds(85));
});

it('shares out what two steps took that were painted as one, as they were planned', function (): void {
    $face = Day::open()->join(1)->seat(1, at: 100, seconds: [30, 20, 10])->tap(EventKind::BothDone, 1, 140, step: 's1')->ticket(1)->face;

    // 40 s, shared 30 to 20: nothing of it is lost, and each counts for its pace.
    expect($face?->runs[0]->spent)->toEqual(Duration::ofSeconds(24))->and($face?->runs[1]->spent)->toEqual(Duration::ofSeconds(16))
        ->and($face?->currentStep())->toBe('s3')->and($face?->stepTime(Day::at(145)))->toEqual(Duration::ofSeconds(5))
        ->and(array_map(static fn ($run): bool => $run->isInterrupted, $face->runs ?? []))->toBe([false, false, false]);
});

it('paints a step, or the rest of it, after the next one: what it took stays with it', function (): void {
    $day = Day::open()->join(1)->seat(1, at: 100, seconds: [30, 20, 10])->tap(EventKind::LeftForLater, 1, 112, step: 's1');
    $face = $day->ticket(1)->face;
    $painted = $day->done(1, 's2', 130)->done(1, 's1', 150)->done(1, 's3', 160)->ticket(1)->face;
    $spent = static fn ($run): array => [$run->step->id, (int) $run->spent->seconds()];

    expect($face?->currentStep())->toBe('s2')->and($face?->stepTime(Day::at(115)))->toEqual(Duration::ofSeconds(3))
        ->and(array_map($spent, $painted->runs ?? []))->toBe([['s2', 18], ['s1', 12 + 20], ['s3', 10]])
        ->and($painted?->faceTime(Day::at(999)))->toEqual(Duration::ofSeconds(60))->and($painted?->paintedAt)->toEqual(Day::at(160));
});

it('takes either back, and leaves nothing for later than the last step', function (): void {
    $day = Day::open()->join(1)->seat(1, at: 100)->tap(EventKind::LeftForLater, 1, 112, step: 's1');
    $undone = $day->undo(null, 113)->ticket(1)->face;
    $last = Day::open()->join(1)->seat(1, at: 100)->done(1, 's1', 120);
    $aside = static fn (EventKind $kind): array => array_values($last->tap($kind, 1, 130, step: 's2')->fold()->setAside);

    [$both, $later] = [$aside(EventKind::BothDone), $aside(EventKind::LeftForLater)];

    expect($undone?->currentStep())->toBe('s1')->and($undone?->stepTime(Day::at(120)))->toEqual(Duration::ofSeconds(20))
        ->and(end($both))->toBe('It is the last step: there is no other to be done with it.')
        ->and(end($later))->toBe('It is the last step: there is nothing to paint before it.')
        ->and($last->ticket(1)->face?->currentStep())->toBe('s2');
});

it('keeps what was wiped off of a step that a quicker plan paints too', function (): void {
    $face = Day::open()->join(1)->seat(1, at: 100, seconds: [30, 20, 10])->tap(EventKind::WipedOff, 1, 110, step: 's1')
        ->trim(1, [30, 20], 112)->done(1, 's1', 130)->ticket(1)->face;

    expect($face?->runs[1]->wiped)->toBe(1)->and($face?->runs[1]->spent)->toEqual(Duration::ofSeconds(30));
});

it('times the turnaround in its parts, paying among them', function (): void {
    $day = Day::open()->join(1)->seat(1, at: 100)->done(1, 's1', 120)->done(1, 's2', 140)
        ->tap(EventKind::PartDone, 1, 150, part: AfterFace::Mirror)
        ->tap(EventKind::Paid, 1, 175, cents: 500, payment: Payment::Cash)
        ->tap(EventKind::PartDone, 1, 190, part: AfterFace::Sponges);
    $parts = array_map(
        static fn ($done): array => [$done->part, $done->at->epochMilliseconds / 1000],
        $day->ticket(1)->face->parts ?? [],
    );

    expect($parts)->toBe([[AfterFace::Mirror, 150], [AfterFace::Pay, 175], [AfterFace::Sponges, 190]])
        ->and($day->ticket(1)->paid)->toEqual(new Paid(500, Payment::Cash))
        ->and($day->undo()->undo(5)->ticket(1)->paid)->toEqual(new Paid(500, Payment::Cash))
        ->and($day->fold()->undoable(1))->toHaveCount(1);
});

it('takes money after the face too, and once more where it was wrong', function (): void {
    $ticket = Day::open()->join(1)->seat(1, at: 100)->tap(EventKind::Finished, 1, 200)
        ->tap(EventKind::Paid, 1, 210, cents: 500, payment: Payment::Card)
        ->tap(EventKind::Paid, 1, 220, cents: 400, payment: Payment::Cash)->ticket(1);

    expect($ticket->paid)->toEqual(new Paid(400, Payment::Cash));
});

it('mends a time that a forgotten tap made wrong, and keeps what was logged', function (): void {
    $day = Day::open()->join(1)->seat(1, at: 100)->done(1, 's1', 130)->done(1, 's2', 4_800)->tap(EventKind::Finished, 1, 4_810)
        ->tap(EventKind::Mended, 1, 9_000, step: 's2', spent: Duration::ofSeconds(22))
        ->tap(EventKind::Mended, 1, 9_100, step: 's2', spent: Duration::ofSeconds(25));
    $run = $day->ticket(1)->face?->runs[1];

    expect($run?->spent)->toEqual(Duration::ofSeconds(25))->and($run?->mendedFrom)->toEqual(Duration::ofSeconds(4_670))
        ->and($day->fold()->undoable(1))->toHaveCount(1)->and($day->undo()->ticket(1)->face?->runs[1]->spent)
        ->toEqual(Duration::ofSeconds(22));
});

it('says why the clocks stand, until they run', function (): void {
    $day = Day::open()->join(1)->seat(1, at: 100)->tap(EventKind::Paused, 1, 110, reason: PauseReason::Child);

    expect($day->ticket(1)->face?->pausedFor)->toBe(PauseReason::Child)
        ->and($day->tap(EventKind::Resumed, 1, 120)->ticket(1)->face?->pausedFor)->toBeNull();
});

it('calls as often as it takes', function (): void {
    $ticket = Day::open()->join(1)->tap(EventKind::Called, 1, 10)->tap(EventKind::Called, 1, 90)->ticket(1);

    expect($ticket->calls)->toBe(2)->and($ticket->calledAt)->toEqual(Day::at(90));
});

it('takes a design off for now and puts it back, each of which can be undone', function (): void {
    $day = Day::open()->tap(EventKind::SoldOut, design: 'wave');
    $sold = static fn (Line $line): array => array_keys($line->soldOut);

    expect($sold($day->fold()))->toBe(['wave'])->and($sold($day->undo()->fold()))->toBe([])
        ->and($sold($day->tap(EventKind::SoldOut, design: 'crab')->tap(EventKind::OnMenuAgain, design: 'crab')->fold()))->toBe([])
        ->and($sold($day->undo()->fold()))->toBe(['crab'])->and($day->fold()->isOpen)->toBeTrue();
});

it('remembers who came together, whom they wished for, and a word about them', function (): void {
    $day = Day::open()->tap(EventKind::Joined, 1, number: 1, design: 'wave', party: 'p', painter: 'ines', note: 'blue coat');
    $ticket = $day->ticket(1);
    $changed = $day->tap(EventKind::Changed, 1, design: 'crab', painter: 'tobi')->ticket(1);

    expect([$ticket->party, $ticket->wish, $ticket->note])->toBe(['p', 'ines', 'blue coat'])
        ->and([$changed->party, $changed->wish, $changed->note])->toBe(['p', 'tobi', null]);
});

it('sets aside what the chair has no use for, and says why', function (Day $day, string $why): void {
    expect(array_values($day->fold()->setAside))->toBe([$why]);
})->with([
    'asked too late' => [
        fn () => Day::open()->join(1)->seat(1)->done(1, 's1')->done(1, 's2')->tap(EventKind::Asked, 1, answers: []),
        'Every step is painted: it is late to ask.',
    ],
    'wiped off before it is painted' => [
        fn () => Day::open()->join(1)->seat(1)->tap(EventKind::WipedOff, 1, step: 's2'),
        'That step is not painted yet: there is nothing to wipe off.',
    ],
    'a mirror before the face' => [
        fn () => Day::open()->join(1)->seat(1)->tap(EventKind::PartDone, 1, part: AfterFace::Mirror),
        'The face is not painted yet.',
    ],
    'two mirrors' => [
        fn () => Day::open()->join(1)->seat(1)->done(1, 's1')->done(1, 's2')->tap(EventKind::PartDone, 1, part: AfterFace::Mirror)
            ->tap(EventKind::PartDone, 1, part: AfterFace::Mirror),
        'Mirror was done already.',
    ],
    'money of one who waits' => [
        fn () => Day::open()->join(1)->tap(EventKind::Paid, 1, cents: 1, payment: Payment::Cash),
        'No. 1 is still waiting.',
    ],
    'mending what was not painted' => [
        fn () => Day::open()->join(1)->seat(1)->tap(EventKind::Mended, 1, step: 's2', spent: Duration::ofSeconds(9)),
        'That step was not painted: there is no time to mend.',
    ],
    'sold out twice' => [
        fn () => Day::open()->tap(EventKind::SoldOut, design: 'wave')->tap(EventKind::SoldOut, design: 'wave'),
        'That design is sold out already.',
    ],
    'back on a menu it is on' => [fn () => Day::open()->tap(EventKind::OnMenuAgain, design: 'wave'), 'That design is on the menu.'],
]);

it('refuses a tap that does not say what its kind needs', function (EventKind $kind, string $field): void {
    expect(static fn () => new LineEvent('x', $kind, Day::at(1), ticket: $field === 'ticket' ? null : 't1'))
        ->toThrow(InvalidEvent::class, "does not say its {$field}");
})->with([
    [EventKind::Asked, 'answers'], [EventKind::WipedOff, 'step'], [EventKind::PartDone, 'part'], [EventKind::Paid, 'cents'],
    [EventKind::Mended, 'step'], [EventKind::SoldOut, 'design'],
]);
