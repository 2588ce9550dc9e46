<?php

declare(strict_types=1);

use Tests\Feature\Killed\OwnDatabase;

// The worker of the queue is killed in the middle of its work, again and again.

it('does all of its work, however often the worker is killed', function (): void {
    $database = new OwnDatabase;
    try {
        $database->up();
        $database->make();
        $queued = $database->start(['php', __DIR__.'/queue-on.php'], ['QUEUE_CONNECTION' => 'database']);
        $queued->wait();
        expect($queued->getExitCode())->toBe(0, $queued->getErrorOutput());
        $jobs = static fn (): int => (int) $database->column('select count(*) from jobs')[0];
        $worker = static fn () => $database->start(
            ['php', 'artisan', 'queue:work', '--queue=default,plans,forecasts', '--quiet', '--sleep=0.1', '--tries=40'],
            ['QUEUE_CONNECTION' => 'database'],
        );
        $all = $jobs();
        $working = $worker();
        for ($kill = 0; $kill < 6; $kill++) {
            $left = $jobs();
            for ($wait = 0; $wait < 500 && $jobs() > $left - 2; $wait++) {
                usleep(7_000 + 1_300 * $kill);
            }
            $working->signal(SIGKILL);
            $working->wait();
            $working = $worker();
        }
        for ($wait = 0; $wait < 900 && $jobs() > 0; $wait++) {
            usleep(50_000);
        }

        expect($all)->toBeGreaterThan(20)->and($jobs())->toBe(0)
            ->and((int) $database->column('select count(*) from failed_jobs')[0])->toBe(0)
            // Each of the designs has learned from its three repetitions, once.
            ->and(array_map(
                static fn (string $fit): int => json_decode($fit, true, flags: JSON_THROW_ON_ERROR)['practised'],
                $database->column('select fit from paces where user_id is null'),
            ))->toBe(array_fill(0, 12, 3));
    } finally {
        $database->remove();
    }
});
