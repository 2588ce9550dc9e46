<?php

declare(strict_types=1);

// Plays 10 000 days of a fair of four hours with four artists and twelve designs, and weighs twelve designs of four rungs each; prints
// the milliseconds as JSON, the middle of five.
use App\Plan\Forecast\PlayDays;
use Core\Plan\Menu\Candidate;
use Core\Plan\Menu\MenuGoal;
use Core\Plan\Menu\RecommendedMenu;
use Core\Plan\Simulation\Arrivals;
use Core\Plan\Simulation\Artist;
use Core\Plan\Simulation\FaceTime;
use Core\Plan\Simulation\LineRules;
use Core\Plan\Simulation\Offer;
use Core\Plan\Simulation\Scenario;
use Core\Plan\Simulation\Simulation;
use Core\Plan\Simulation\Tally;
use Core\Units\Duration;
use Illuminate\Contracts\Console\Kernel;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

/** @param  callable(): mixed  $work */
function middle(callable $work): float
{
    $times = array_map(static function () use ($work): float {
        $began = hrtime(true);
        $work();

        return (hrtime(true) - $began) / 1e6;
    }, range(1, 5));
    sort($times);

    return round($times[2], 1);
}

$open = Duration::ofMinutes(240);
$rungs = static fn (int $design): array => array_map(
    static fn (int $rung): FaceTime => FaceTime::logNormal(Duration::ofSeconds((150 + 10 * $design) * 0.8 ** $rung), 0.2, 0.1, -0.05, 10),
    range(0, 3),
);
$candidates = array_map(
    static fn (int $design): Candidate => new Candidate(
        "design {$design}",
        1.0,
        $rungs($design),
        [1.0, 0.85, 0.7, 0.5],
        100 * (4 + $design),
    ),
    range(0, 11),
);
$menu = array_map(static fn (Candidate $one): Offer => new Offer($one->id, 1.0, $one->price), $candidates);
$times = array_map(static fn (Candidate $one): array => [$one->times[0]], $candidates);
$fair = new Scenario(
    open: $open,
    arrivals: Arrivals::byProfile(190.0, [1.0, 2.0, 3.0, 2.0]),
    menu: $menu,
    artists: array_map(static fn (int $at): Artist => new Artist("artist {$at}", [[0, $open->milliseconds]], $times), range(1, 4)),
    turnaround: Duration::ofMinutes(1),
    rules: new LineRules(contagion: 0.05),
);
$playDays = app(PlayDays::class);

echo json_encode([
    'days' => middle(static fn () => $playDays($fair, 1, 10_000)),
    'first' => middle(static fn (): Tally => (new Simulation($fair))->run(100)),
    'menu' => middle(static fn (): ?RecommendedMenu => RecommendedMenu::of(
        scenario: $fair,
        candidates: $candidates,
        goal: MenuGoal::Look,
        designs: 8,
        wantedChance: 0.9,
        play: static fn (Scenario $one): Tally => (new Simulation($one))->run(200),
    )),
], JSON_THROW_ON_ERROR);
