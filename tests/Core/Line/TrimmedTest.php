<?php

declare(strict_types=1);

use Core\Line\Line;
use Core\Line\StepRun;
use Core\Line\StepStatus;
use Tests\Core\Line\Day;

/** @return array<string, string> status by step */
function statuses(Line $line): array
{
    $statuses = [];
    foreach ($line->tickets['t1']->face->runs ?? [] as $run) {
        $statuses[$run->step->id] = $run->status->value;
    }

    return $statuses;
}

function halfway(): Day
{
    return Day::open()->join(1, 1)->seat(1, at: 10, seconds: [30, 20, 15, 40])->done(1, 's1', 40);
}

it('goes on by the shorter plan: what is painted stays, what it leaves out is skipped', function (): void {
    $line = halfway()->trim(1, [30, 20], 45)->fold();

    expect(statuses($line))->toBe(['s1' => 'done', 's3' => 'skipped', 's4' => 'skipped', 's2' => 'pending'])
        ->and($line->tickets['t1']->face->leftToPaint(Day::at(45))->seconds())->toBe(15.0);
    $done = halfway()->trim(1, [30, 20], 45)->done(1, 's2', 62)->fold()->tickets['t1']->face;
    expect($done->paintedAt)->toEqual(Day::at(62))
        ->and(array_map(
            static fn (StepRun $run): float => $run->spent->seconds(),
            array_values(array_filter($done->runs, static fn (StepRun $run): bool => $run->status === StepStatus::Done)),
        ))->toBe([30.0, 22.0]);
});

it('is undone like any other tap', function (): void {
    $day = halfway()->trim(1, [30, 20], 45);
    $trimmed = array_key_last($day->events);

    expect(statuses($day->undo($trimmed, 50)->fold()))->toBe(statuses(halfway()->fold()));
});

it('changes nothing once all is painted, or where nothing would be left', function (): void {
    $painted = Day::open()->join(1, 1)->seat(1, at: 10, seconds: [30])->done(1, 's1', 40)->trim(1, [30, 20], 45)->fold();
    $nothing = halfway()->trim(1, [30], 45)->fold();

    expect(array_values($painted->setAside))->toBe(['Every step is painted: there is nothing to make quicker.'])
        ->and(array_values($nothing->setAside))->toBe(['Nothing is left to paint that way: finish the face instead.']);
});

it('marks a step in which the clocks were paused', function (): void {
    $face = Day::open()->join(1, 1)->seat(1, at: 10, seconds: [30, 20])
        ->tap(Core\Line\EventKind::Paused, 1, 20)->tap(
            Core\Line\EventKind::Resumed,
            1,
            50,
        )->done(1, 's1', 60)->done(1, 's2', 80)->fold()->tickets['t1']->face;

    expect(array_map(static fn (StepRun $run): bool => $run->isInterrupted, $face->runs))->toBe([true, false]);
});
