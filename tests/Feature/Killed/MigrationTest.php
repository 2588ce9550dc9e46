<?php

declare(strict_types=1);

use Tests\Feature\Killed\OwnDatabase;

// From the first release to this one, with what a team had then, while its names desk goes on.

beforeEach(function (): void {
    $this->database = new OwnDatabase;
    $this->database->up();
    $this->database->make('2026_11_01_*');
});

afterEach(fn () => $this->database->remove());

/** A table's row, as the first release wrote it. */
function wroteThen(string $table, mixed ...$values): void
{
    $columns = implode(', ', array_keys($values));
    test()->database->run(
        "insert into {$table} ({$columns}) values (".implode(', ', array_fill(0, count($values), '?')).')',
        array_values($values),
    );
}

it('brings all of the first release along while names are taken, and loses none', function (): void {
    [$team, $design, $day] = ['01kbcdefgh000000000000team', '01kbcdefgh0000000000000des', '01kbcdefgh0000000000000day'];
    wroteThen('teams', id: $team, name: 'Dune Faces');
    wroteThen('users', id: '01kbcdefgh000000000000mara', team_id: $team, name: 'Mara', email: 'mara@example.org', password: '$2y$04$x');
    wroteThen('designs', id: $design, team_id: $team, name: 'Wave band', placement: 'cheek', promise_ms: 75_000);
    foreach (['Wave', 'Foam'] as $at => $name) {
        wroteThen(
            'steps',
            design_id: $design,
            id: "01kbcdefgh00000000000step{$at}",
            position: $at,
            name: $name,
            medium: 'brush',
            tool: 'round 4',
            colours: '[{"name":"tide blue","hex":"#3f8fc6"}]',
            zones: '["cheek"]',
            side: 'both',
            coats: 1,
            time_ms: 30_000,
            dry_ms: 0,
            optional: $at,
            note: '',
        );
    }
    wroteThen(
        'event_days',
        id: $day,
        team_id: $team,
        name: 'Harbour lantern fair',
        place: 'Lantern Quay',
        timezone: 'UTC',
        opens_ms: 1_762_513_200_000,
        closes_ms: 1_762_531_200_000,
        chairs: 2,
        turnaround_ms: 60_000,
        created_at: '2026-11-01 09:00:00',
        updated_at: '2026-11-01 09:00:00',
    );
    wroteThen('menu_items', id: '01kbcdefgh0000000000000men', event_day_id: $day, design_id: $design, position: 0, promise_ms: 75_000);
    $joining = $this->database->start(['php', 'tests/Feature/Killed/join-on.php', $day, $design]);
    usleep(300_000);

    $migrating = $this->database->start(['php', 'artisan', 'migrate', '--force']);
    expect($migrating->wait())->toBe(0, $migrating->getErrorOutput().$migrating->getOutput());
    usleep(300_000);
    expect($joining->isRunning())->toBeTrue($joining->getErrorOutput());
    $joining->stop(0);
    $kept = array_filter(explode("\n", trim($joining->getOutput())));

    expect(count($kept))->toBeGreaterThan(50)
        ->and(array_diff($kept, $this->database->column('select id from chair_events')))->toBe([]);
    // What was written then is read now, by the rooms' own queries.
    $given = "{$this->database->folder}/account.zip";
    $giving = $this->database->start(['php', 'artisan', 'inch:account', 'mara@example.org', $given]);
    expect($giving->wait())->toBe(0, $giving->getErrorOutput().$giving->getOutput());
    $exporting = $this->database->start(['php', 'artisan', 'inch:export', '--email=mara@example.org']);
    expect($exporting->wait())->toBe(0, $exporting->getErrorOutput());
    $file = json_decode($exporting->getOutput(), true, flags: JSON_THROW_ON_ERROR);
    expect(array_column($file['designs'][0]['steps'], 'name'))->toBe(['Wave', 'Foam'])
        ->and($file['designs'][0]['steps'][0]['seconds'])->toBe(30);
    // And brought in again elsewhere, which reads every line.
    $this->database->start(['php', 'artisan', 'inch:team', 'Anew', 'Odo', 'odo@example.org', '--password=a long password'])->wait();
    $bringing = $this->database->start(['php', 'artisan', 'inch:account', 'odo@example.org', $given, '--in']);
    expect($bringing->wait())->toBe(0, $bringing->getErrorOutput());
});
