<?php

declare(strict_types=1);

// Prints as JSON how long it takes to close the line of the bench's day, and how long and how much memory learning from it.

use App\Account\Ways\BenchOfPainter;
use App\Bench\Designs\Designs;
use App\Line\Taps\RecordTaps;
use App\Line\Taps\Tap;
use App\Logbook\Pace\LearnFromDay;
use App\Logbook\Pace\LearnPaces;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Plan\EventDay;
use Database\Seeders\DemoSeeder;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

require __DIR__.'/../../vendor/autoload.php';
(require __DIR__.'/../../bootstrap/app.php')->make(Kernel::class)->bootstrap();
$painter = User::query()->where('email', DemoSeeder::EMAIL)->firstOrFail();
$day = EventDay::query()->where('name', 'Harbour lantern fair')->orderByDesc('opens_ms')->firstOrFail();

// Faces of forty designs: the day's are shared out among all there are, and among copies of them.
$bench = app(BenchOfPainter::class)($painter);
$own = Design::query()->with('steps')->where('team_id', $painter->team_id)->whereHas('steps')->get()->all();
for ($copies = 0; Design::query()->where('team_id', $painter->team_id)->whereHas('steps')->count() < 40; $copies++) {
    app(Designs::class)->copy($bench, $own[$copies % count($own)]);
}
$designs = Design::query()->where('team_id', $painter->team_id)->whereHas('steps')->pluck('id')->all();
$faces = DB::table('faces')->where('event_day_id', $day->id)->orderBy('ticket_id')->pluck('ticket_id')->all();
foreach ($faces as $at => $ticket) {
    $design = $designs[$at % min(40, count($designs))];
    DB::table('faces')->where('ticket_id', $ticket)->update(['design_id' => $design]);
    DB::table('face_steps')->where('face_id', $ticket)->update(['design_id' => $design]);
}
$tap = static fn (string $kind): Tap => Tap::of(['id' => (string) Str::ulid(), 'kind' => $kind, 'at' => now()->getTimestampMs()]);
$record = app(RecordTaps::class);
$closed = [];
for ($run = 0; $run < 21; $run++) {
    $record($day, $painter, [$tap('opened')]);
    $began = microtime(true);
    $record($day, $painter, [$tap('closed')]);
    $closed[] = 1000 * (microtime(true) - $began);
}
sort($closed);
gc_collect_cycles();
memory_reset_peak_usage();
$before = memory_get_usage();
$began = microtime(true);
(new LearnFromDay($day->team_id, $day->id))->handle(app(LearnPaces::class));
echo json_encode([
    'designs' => DB::table('faces')->where('event_day_id', $day->id)->distinct()->count('design_id'),
    'closed' => $closed[19],
    'learned' => 1000 * (microtime(true) - $began),
    'memory' => (memory_get_peak_usage() - $before) / 1_000_000,
], JSON_THROW_ON_ERROR), "\n";
