<?php

declare(strict_types=1);

// A summer Saturday of many teams: their events are played by the core, each face is so many taps, and all taps are counted by the second.
// What they cost is reckoned from what one tap costs, as tools/bench/tap-cost.mjs measures it in milliseconds of a core.
//   php tools/bench/teams.php TEAMS TAP_PHP TAP_DATABASE HEAR_PHP HEAR_DATABASE
// Prints JSON. How many teams of which kind, and when they open, is the team's estimate, no source.
use Core\Plan\Simulation\Arrivals;
use Core\Plan\Simulation\Artist;
use Core\Plan\Simulation\FaceTime;
use Core\Plan\Simulation\Offer;
use Core\Plan\Simulation\PlayedFace;
use Core\Plan\Simulation\Scenario;
use Core\Plan\Simulation\Simulation;
use Core\Units\Duration;
use Random\Engine\Mt19937;
use Random\Randomizer;

require __DIR__.'/../../vendor/autoload.php';

[, $teams, $tapPhp, $tapDatabase, $hearPhp, $hearDatabase] = array_map(floatval(...), $argv);

// Hours open, children in all, chairs, share of all events, and when such an event opens: hour of the day by weight.
const KINDS = [
    'party' => [2, 14, 1, 0.50, [11 => 3, 12 => 1, 13 => 2, 14 => 5, 15 => 3]],
    'small fair' => [4, 45, 1, 0.20, [10 => 4, 11 => 4, 12 => 3, 13 => 1]],
    'fair' => [5, 110, 2, 0.18, [10 => 5, 11 => 4, 12 => 2]],
    'big fair' => [6, 250, 4, 0.09, [10 => 5, 11 => 3]],
    'festival' => [9, 700, 8, 0.03, [10 => 2, 11 => 1]],
];
const PLAYED_EACH = 60;
const STEPS = 8;
/** Not more than that much of a core is used where nobody is to wait: half again as much is left for a busy second. */
const BUSY_SHARE = 0.6;
/** What one machine of each kind has. Common sizes for rent, from memory. */
const CORES = 16;
const LISTENERS = 50_000;
const EUROS_A_CORE_AND_MONTH = 8;

/** @return list<list<int>> for each day played, when each tap falls: second since the opening */
function playedTaps(int $hours, int $children, int $chairs): array
{
    $open = Duration::ofMinutes(60 * $hours);
    $face = FaceTime::logNormal(Duration::ofSeconds(210), 0.25, 0.1);
    $simulation = new Simulation(new Scenario(
        open: $open,
        arrivals: $hours === 2 ? Arrivals::atOnce($children) : Arrivals::byProfile((float) $children, [1.0, 2.0, 3.0, 2.0]),
        menu: [new Offer('any')],
        artists: array_map(static fn (int $chair): Artist => Artist::all("{$chair}", $open, $face), range(1, $chairs)),
        turnaround: Duration::ofSeconds(60),
    ));

    return array_map(
        static fn (int $run): array => array_merge(...array_map(tapsOf(...), $simulation->watch($run)[0])),
        range(0, PLAYED_EACH - 1),
    );
}

/** @return list<int> name taken, called, seated, a tap for each step, finished, paid */
function tapsOf(PlayedFace $face): array
{
    $second = static fn (float $ms): int => intdiv((int) $ms, 1000);
    $steps = array_map(
        static fn (int $step): int => $second($face->seated + ($face->painted - $face->seated) * $step / STEPS),
        range(1, STEPS),
    );

    return [$second($face->arrived), $second($face->seated - 20_000), $second($face->seated), ...$steps,
        $second($face->painted + 2000), $second($face->painted + 20_000)];
}

/** @param  array<array-key, int|float>  $weights */
function drawn(Randomizer $chance, array $weights): int|string
{
    $at = $chance->getInt(0, 999_999) / 1_000_000 * array_sum($weights);
    foreach ($weights as $key => $weight) {
        $at -= $weight;
        if ($at < 0.0) {
            return $key;
        }
    }

    return array_key_last($weights) ?? 0;
}

$chance = new Randomizer(new Mt19937(20_260_704));
$played = array_map(static fn (array $kind): array => playedTaps($kind[0], $kind[1], $kind[2]), KINDS);
$taps = $heard = array_fill(0, 30 * 3600, 0);
$listening = array_fill(0, 30, 0);
$faces = 0;
$shares = array_combine(array_keys(KINDS), array_column(KINDS, 3));
for ($team = 0; $team < $teams; $team++) {
    $name = drawn($chance, $shares);
    [$hours, , $chairs, , $opens] = KINDS[$name];
    // Two time zones share most of the teams; a fair opens some minutes before or after the hour.
    $from = 3600 * ((int) drawn($chance, $opens) + $chance->getInt(0, 1)) + $chance->getInt(-600, 600);
    // The names desk and one screen a chair listen, and a board from two chairs on.
    $screens = 1 + $chairs + ($chairs > 1 ? 1 : 0);
    foreach (range(intdiv($from, 3600), intdiv($from, 3600) + $hours) as $hour) {
        $listening[$hour] += $screens;
    }
    $day = $played[$name][$chance->getInt(0, PLAYED_EACH - 1)];
    $faces += intdiv(count($day), STEPS + 5);
    foreach ($day as $second) {
        $at = max(0, $from + $second);
        $taps[$at]++;
        $heard[$at] += $screens - 1;
    }
}

$sorted = $taps;
sort($sorted);
$hours = array_map(array_sum(...), array_chunk($taps, 3600));
$peakHour = (int) array_search(max($hours), $hours, true);
$peak = $sorted[count($sorted) - 1 - 11];
$hearing = max($heard);
$cores = static fn (float $ofTap, float $ofHearing): float => ($peak * $ofTap + $hearing * $ofHearing) / 1000 / BUSY_SHARE;
[$php, $database] = [$cores($tapPhp, $hearPhp), $cores($tapDatabase, $hearDatabase)];
$parts = (int) ceil($database / CORES);
$fronts = (int) ceil(max($listening) / LISTENERS);
$webs = (int) ceil($php / CORES);
// Each part of the data is kept three times.
$machines = $webs + 3 * $parts + $fronts;
$perTeam = static fn (float $whole): int => (int) floor($teams / $whole);
echo json_encode([
    'teams' => (int) $teams,
    'faces' => $faces,
    'taps' => array_sum($taps),
    'busiest_hour' => $peakHour,
    'taps_a_second' => ['busiest_hour' => (int) round(max($hours) / 3600), 'busiest_ten_seconds' => $peak],
    'screens_told_a_second' => $hearing,
    'listening' => max($listening),
    'cores' => ['php' => (int) ceil($php), 'database' => (int) ceil($database)],
    'machines_of_16_cores' => ['php' => $webs, 'database' => 3 * $parts, 'front' => $fronts],
    'euros_a_month' => $machines * CORES * EUROS_A_CORE_AND_MONTH,
    'euros_a_team_and_month' => round($machines * CORES * EUROS_A_CORE_AND_MONTH / $teams, 2),
    // How many teams fit before each is full, all else enough: where it breaks first comes first.
    'teams_until_full' => [
        'a machine of 2 cores that does all' => $perTeam(($php + $database) / 2),
        'a machine of 16 cores that does all' => $perTeam(($php + $database) / CORES),
        'one database of 16 cores' => $perTeam($database / CORES),
        'one front' => $perTeam(max($listening) / LISTENERS),
    ],
], JSON_PRETTY_PRINT), "\n";
