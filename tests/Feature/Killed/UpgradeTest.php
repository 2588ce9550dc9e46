<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Feature\Killed\OwnDatabase;

// From 1.0.0, with a full account as that release wrote it, to this one: a backup first, killed in the middle, and never backwards.

beforeEach(function (): void {
    $this->database = new OwnDatabase;
    $this->database->up();
    $this->database->load(__DIR__.'/releases/1.0.0.sql.gz');
    $this->backups = "{$this->database->folder}/backups";
    $this->upgrade = fn (): Process => $this->database->start(['setsid', 'bin/upgrade', $this->backups]);
    $this->counts = function (): array {
        $counts = [];
        foreach (['teams', 'users', 'designs', 'steps', 'kit_items', 'event_days', 'chair_events', 'faces', 'face_steps'] as $table) {
            $counts[$table] = (int) $this->database->column("select count(*) from {$table}")[0];
        }

        return $counts;
    };
    $this->state = function (): string {
        $asking = $this->database->start(['php', 'artisan', 'inch:data']);
        $asking->wait();

        return trim($asking->getOutput());
    };
    /** All of the account, which is read row by row. */
    $this->giveOut = function (): int {
        $file = "{$this->database->folder}/account.zip";

        return $this->database->start(['php', 'artisan', 'inch:account', 'ines@saltmarsh.example', $file])->wait();
    };
});

afterEach(fn () => $this->database->remove());

it('backs up, brings all of it along, and does nothing the next time', function (): void {
    /** @var array<string, int> $before */
    $before = ($this->counts)();
    expect(array_filter($before))->toHaveCount(9)->and(($this->state)())->toBe('older');
    $upgrade = ($this->upgrade)();
    expect($upgrade->wait())->toBe(0, $upgrade->getErrorOutput().$upgrade->getOutput())
        ->and(($this->state)())->toBe('current')->and(($this->counts)())->toBe($before)
        ->and(($this->giveOut)())->toBe(0);
    expect(count((array) glob("{$this->backups}/inch-*.sql.gz")))->toBe(1);
    expect(($this->upgrade)()->wait())->toBe(0)->and(count((array) glob("{$this->backups}/inch-*.sql.gz")))->toBe(1);
});

it('begins again from its backup where it was killed in the middle', function (): void {
    /** @var array<string, int> $before */
    $before = ($this->counts)();
    // The first migration after 1.0.0 is done, and not written down.
    $holding = $this->database->hold('migrations');
    $isMidway = fn (): bool => $this->database->column(
        "select id from information_schema.processlist where state like 'Waiting for table metadata lock%'",
    ) !== [];
    $upgrade = ($this->upgrade)();
    for ($wait = 0; $wait < 600 && ! $isMidway(); $wait++) {
        usleep(50_000);
    }
    expect($isMidway())->toBeTrue();
    // Whatever it runs is killed with it.
    posix_kill(-(int) $upgrade->getPid(), SIGKILL);
    for ($wait = 0; $wait < 400 && $upgrade->isRunning(); $wait++) {
        usleep(25_000);
    }
    expect($upgrade->isRunning())->toBeFalse()->and(($this->state)())->toBe('older')->and("{$this->backups}/.upgrading")->toBeFile();
    $holding = null;
    $again = ($this->upgrade)();
    expect($again->wait())->toBe(0, $again->getErrorOutput().$again->getOutput())
        ->and(($this->state)())->toBe('current')->and(($this->counts)())->toBe($before)->and(($this->giveOut)())->toBe(0);
});

it('brings all of it along while names are taken, and loses none', function (): void {
    [$day] = $this->database->column('select event_day_id from menu_items order by event_day_id limit 1');
    [$design] = $this->database->column("select design_id from menu_items where event_day_id = '{$day}' limit 1");
    $joining = $this->database->start(['php', 'tests/Feature/Killed/join-on.php', $day, $design]);
    usleep(300_000);
    $migrating = $this->database->start(['php', 'artisan', 'migrate', '--force']);
    expect($migrating->wait())->toBe(0, $migrating->getErrorOutput().$migrating->getOutput());
    usleep(300_000);
    expect($joining->isRunning())->toBeTrue($joining->getErrorOutput());
    $joining->stop(0);
    $kept = array_filter(explode("\n", trim($joining->getOutput())));

    expect(count($kept))->toBeGreaterThan(50)
        ->and(array_diff($kept, $this->database->column('select id from chair_events')))->toBe([])
        ->and(($this->giveOut)())->toBe(0);
    // What was written then is read now, and brought in again elsewhere, which reads every line.
    $this->database->start(['php', 'artisan', 'inch:team', 'Anew', 'Odo', 'odo@example.org', '--password=a long password'])->wait();
    $bringing = $this->database->start(
        ['php', 'artisan', 'inch:account', 'odo@example.org', "{$this->database->folder}/account.zip", '--in'],
    );
    expect($bringing->wait())->toBe(0, $bringing->getErrorOutput());
});

it('refuses data of a newer release, and changes nothing of them', function (): void {
    expect(($this->upgrade)()->wait())->toBe(0);
    $this->database->run("insert into migrations (migration, batch) values ('2099_01_01_000000_from_tomorrow', 99)");
    $this->database->run("insert into releases (version) values ('9.0.0')");
    $refused = ($this->upgrade)();
    expect($refused->wait())->toBe(1)
        ->and($refused->getErrorOutput())->toContain('written by Inch Timer 9.0.0, which is newer than this');
    // Nor is its backup put in the place of what is here.
    $backup = $this->database->start(['bin/backup', $this->backups]);
    expect($backup->wait())->toBe(0);
    $files = glob("{$this->backups}/inch-*.sql.gz") ?: [];
    $restore = $this->database->start(['bin/restore', (string) end($files), '--yes']);
    expect($restore->wait())->not->toBe(0)->and($restore->getErrorOutput())->toContain('written by a newer release');
});
