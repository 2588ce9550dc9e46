<?php

declare(strict_types=1);

// Fills the bench's database: the demo, a day that is running for the load, and a logbook of many faces.
//   php tools/bench/fill.php FACES
use App\Models\Account\User;
use App\Models\Plan\EventDay;
use Database\Seeders\DemoSeeder;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

require __DIR__.'/../../vendor/autoload.php';
(require __DIR__.'/../../bootstrap/app.php')->make(Kernel::class)->bootstrap();
app(DemoSeeder::class)->run();

$wanted = (int) ($argv[1] ?? 50_000);
$ines = User::query()->where('email', DemoSeeder::EMAIL)->firstOrFail();
$model = EventDay::query()->where('name', 'Harbour lantern fair')->firstOrFail();
$rowsOf = static fn (string $table, string $key): array => DB::table($table)->where($key, $model->id)->get()
    ->map(static fn (object $row): array => (array) $row)->all();
$tickets = $rowsOf('tickets', 'event_day_id');
$faces = $rowsOf('faces', 'event_day_id');
$events = $rowsOf('chair_events', 'event_day_id');
$steps = DB::table('face_steps')->whereIn(
    'face_id',
    array_column($faces, 'ticket_id'),
)->get()->map(static fn (object $row): array => (array) $row)->all();

// The fair of today again and again, a day earlier each time, under new ids.
for ($day = 1; DB::table('faces')->count() < $wanted; $day++) {
    $ids = [];
    $fresh = static function (?string $id) use (&$ids): ?string {
        return $id === null ? null : $ids[$id] ??= strtolower((string) Str::ulid());
    };
    $earlier = static fn (array $row, string ...$columns): array => [
        ...$row,
        ...array_map(static fn (int $at): int => $at - $day * 86_400_000, array_intersect_key($row, array_flip($columns))),
    ];
    $dayId = $fresh($model->id);
    DB::transaction(static function () use ($model, $tickets, $faces, $events, $steps, $fresh, $earlier, $dayId): void {
        DB::table('event_days')->insert([...$earlier($model->getAttributes(), 'opens_ms', 'closes_ms'), 'id' => $dayId]);
        $insert = static function (string $table, array $rows): void {
            foreach (array_chunk($rows, 1000) as $chunk) {
                DB::table($table)->insert($chunk);
            }
        };
        $insert(
            'tickets',
            array_map(static fn (array $row): array => [...$row, 'id' => $fresh($row['id']), 'event_day_id' => $dayId], $tickets),
        );
        $insert('faces', array_map(static fn (array $row): array => [
            ...$earlier($row, 'seated_ms', 'ended_ms'), 'ticket_id' => $fresh($row['ticket_id']), 'event_day_id' => $dayId,
        ], $faces));
        $insert(
            'face_steps',
            array_map(
                static fn (array $row): array => [
                    ...array_diff_key($earlier($row, 'ended_ms'), ['id' => 0]),
                    'face_id' => $fresh($row['face_id']),
                ],
                $steps,
            ),
        );
        $insert('chair_events', array_map(static fn (array $row): array => [
            ...array_diff_key($earlier($row, 'at_ms'), ['seq' => 0]),
            'id' => $fresh($row['id']), 'event_day_id' => $dayId, 'ticket_id' => $fresh($row['ticket_id']),
        ], $events));
    });
}

echo json_encode([
    'email' => $ines->email,
    'password' => DemoSeeder::PASSWORD,
    'dayId' => $model->id,
    'faces' => DB::table('faces')->count(),
    'events' => count($events),
], JSON_THROW_ON_ERROR), "\n";
