<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Feature\Killed\OwnDatabase;

// A backup is proven before it is one, whatever ends it in the middle; what is read back is all of it.

beforeEach(function (): void {
    $this->database = new OwnDatabase;
    $this->database->up();
    $this->database->make();
    $this->database->start(['php', 'artisan', 'inch:demo'])->wait();
    $this->backups = "{$this->database->folder}/backups";
    $this->run = function (string ...$command): Process {
        $process = $this->database->start([...$command]);
        $process->wait();

        return $process;
    };
    /** @return list<string> */
    $this->files = fn (string $pattern): array => glob("{$this->backups}/{$pattern}") ?: [];
    $this->taps = fn (): array => $this->database->column('select concat(seq, id, kind, at_ms) from chair_events order by seq');
});

afterEach(function (): void {
    $this->database->remove();
});

it('reads back all that it wrote, into the place of what was there', function (): void {
    $before = ($this->taps)();
    $backup = ($this->run)('bin/backup', $this->backups);
    expect($backup->getExitCode())->toBe(0, $backup->getErrorOutput().$backup->getOutput())
        ->and($backup->getOutput())->toContain('read back and compared')
        ->and(count($before))->toBeGreaterThan(20);
    [$file] = ($this->files)('inch-*.sql.gz');
    ($this->run)('php', 'artisan', 'migrate:fresh', '--force');
    expect(($this->taps)())->toBe([]);

    $restore = ($this->run)('bin/restore', $file, '--yes');
    expect($restore->getExitCode())->toBe(0, $restore->getErrorOutput().$restore->getOutput())->and(($this->taps)())->toBe($before);
});

it('leaves no half a backup when it is killed, and restores from a whole one after a kill', function (): void {
    $before = ($this->taps)();
    $killed = 0;
    foreach ([60_000, 300_000, 700_000] as $pause) {
        $backup = $this->database->start(['bin/backup', $this->backups]);
        usleep($pause);
        // It may have been quicker than the hand that kills it: then it is a backup.
        $killed += $backup->isRunning() ? 1 : 0;
        $backup->isRunning() ? $backup->signal(SIGKILL) : null;
        $backup->wait();
        foreach (($this->files)('inch-*.sql.gz') as $file) {
            expect((string) gzdecode((string) file_get_contents($file)))->toContain('CREATE TABLE `users`');
        }
    }
    expect($killed)->toBeGreaterThan(1);
    $backup = ($this->run)('bin/backup', $this->backups);
    expect($backup->getExitCode())->toBe(0, $backup->getErrorOutput().$backup->getOutput());
    $file = last(($this->files)('inch-*.sql.gz'));
    $restore = $this->database->start(['bin/restore', $file, '--yes']);
    for ($wait = 0; $wait < 400 && $restore->isRunning() && ! is_file(base_path('storage/run/restoring')); $wait++) {
        usleep(20_000);
    }
    // What is here is being thrown away, and what was is coming in.
    expect($restore->isRunning())->toBeTrue();
    usleep(250_000);
    $restore->signal(SIGKILL);
    $restore->wait();

    $again = ($this->run)('bin/restore', $file, '--yes');
    expect($again->getExitCode())->toBe(0, $again->getErrorOutput().$again->getOutput())->and(($this->taps)())->toBe($before);
});

it('refuses a file that ends in the middle, or is no backup, and changes nothing', function (): void {
    $before = ($this->taps)();
    ($this->run)('bin/backup', $this->backups);
    [$file] = ($this->files)('inch-*.sql.gz');
    file_put_contents("{$this->backups}/half.sql.gz", substr((string) file_get_contents($file), 0, 4_000));
    file_put_contents("{$this->backups}/other.sql.gz", (string) gzencode('CREATE TABLE notes (id int);'));
    foreach (['half' => 'ends in the middle', 'other' => 'no backup of Inch Timer', 'none' => 'Which backup?'] as $name => $words) {
        $refused = ($this->run)('bin/restore', "{$this->backups}/{$name}.sql.gz", '--yes');
        expect($refused->getExitCode())->not->toBe(0)
            ->and($refused->getErrorOutput().$refused->getOutput())->toContain($words);
    }
    expect(($this->taps)())->toBe($before);
});
