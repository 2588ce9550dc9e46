<?php

declare(strict_types=1);

// A painter who taps on and on, whatever becomes of the database: each tap is made until somebody says that it is kept, and is
// then written down, while each try that failed is a dot in FILE.refused. Usage: tap-on.php FILE, with the database in the
// environment; ends when FILE.stop is there.

use App\Line\Taps\RecordTaps;
use App\Line\Taps\Tap;
use App\Line\Taps\TapFate;
use App\Models\Account\User;
use App\Models\Plan\EventDay;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Database\DatabaseManager;
use Tests\Scene;

require __DIR__.'/../../../vendor/autoload.php';
(require __DIR__.'/../../../bootstrap/app.php')->make(Kernel::class)->bootstrap();

$day = Scene::team()->day(1);
$painter = User::query()->where('team_id', $day->team_id)->firstOrFail();
$record = app(RecordTaps::class);
$databases = app(DatabaseManager::class);
for ($number = 0; ! is_file("{$argv[1]}.stop"); $number++) {
    $tap = Tap::of([
        'id' => Scene::ulid(),
        'kind' => $number % 2 === 0 ? 'opened' : 'closed',
        'at' => now()->getTimestampMs() + $number,
    ]);
    for ($isKept = false; ! $isKept;) {
        try {
            [$outcome] = $record(EventDay::ofTeam($day->team_id)->findOrFail($day->id), $painter, [$tap]);
            $isKept = $outcome->fate === TapFate::Refused ? throw new LogicException($outcome->message) : true;
        } catch (PDOException) {
            file_put_contents("{$argv[1]}.refused", '.', FILE_APPEND);
            $databases->purge();
            usleep(50_000);
        }
    }
    file_put_contents($argv[1], "{$tap->id}\n", FILE_APPEND);
}
