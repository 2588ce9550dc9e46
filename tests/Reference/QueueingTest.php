<?php

declare(strict_types=1);

use Core\Plan\Simulation\Arrivals;
use Core\Plan\Simulation\Artist;
use Core\Plan\Simulation\FaceTime;
use Core\Plan\Simulation\LineRules;
use Core\Plan\Simulation\Offer;
use Core\Plan\Simulation\Scenario;
use Core\Plan\Simulation\Simulation;
use Core\Plan\Simulation\Tally;
use Core\Units\Duration;
use Tests\Reference\R;

/** A line without turnaround, for weeks on end, so that how it began does not tell. */
function longLine(float $perHour, int $artists, FaceTime $face, LineRules $rules = new LineRules, int $hours = 700): Tally
{
    $open = Duration::ofMinutes(60 * $hours);
    $chairs = array_map(static fn (int $at): Artist => Artist::all("artist {$at}", $open, $face), range(1, $artists));

    return (new Simulation(new Scenario(
        open: $open,
        arrivals: Arrivals::byProfile($perHour * $hours),
        menu: [new Offer('wave band')],
        artists: $chairs,
        turnaround: Duration::zero(),
        rules: $rules,
        turnaroundSpread: 0.0,
    ), seed: 5))->run(24);
}

/** Standard error of the mean wait, the runs being independent; in minutes. */
function standardError(Tally $tally): float
{
    $means = array_map(static fn (int $sum, int $faces): float => $sum / $faces / 60_000, $tally->runs['waits'], $tally->runs['faces']);
    $mean = array_sum($means) / count($means);

    return sqrt(array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $means)) / (count($means) - 1) / count($means));
}

/** Share of calls lost where nobody waits. A. K. Erlang (1917); recursion as in every textbook. */
function erlangB(float $load, int $artists): float
{
    $blocked = 1.0;
    for ($at = 1; $at <= $artists; $at++) {
        $blocked = $load * $blocked / ($at + $load * $blocked);
    }

    return $blocked;
}

/** Share of those who come that must wait. A. K. Erlang (1917), by way of Erlang B. */
function erlangC(float $load, int $artists): float
{
    $blocked = erlangB($load, $artists);

    return $artists * $blocked / ($artists - $load * (1.0 - $blocked));
}

it('has Erlang’s formulas as his tables have them', function (): void {
    // Printed tables of the Erlang B formula, written down from memory: 2 erlangs on 4 lines, 10 on 12, 5 on 10.
    expect(round(erlangB(2.0, 4), 4))->toBe(0.0952)->and(round(erlangB(10.0, 12), 4))->toBe(0.1197)
        ->and(round(erlangB(5.0, 10), 4))->toBe(0.0184)
        // One server: whoever comes waits as often as it is busy.
        ->and(erlangC(0.7, 1))->toEqualWithDelta(0.7, 1e-12);
});

it('waits as M/M/c has it', function (float $perHour, int $artists): void {
    // Faces of five minutes by chance: L. Kleinrock, "Queueing systems" 1 (1975), M/M/m: mean wait C / (c mu - lambda).
    $load = $perHour / 12.0;
    $tally = longLine($perHour, $artists, FaceTime::memoryless(Duration::ofMinutes(5)));
    $wait = 60.0 * erlangC($load, $artists) / ($artists * 12.0 - $perHour);

    expect($tally->sums['waits'] / 60_000 / array_sum($tally->runs['faces']))->toEqualWithDelta($wait, 4.0 * standardError($tally))
        ->and(standardError($tally))->toBeLessThan(0.05 * $wait);
})->with(['one chair' => [8.0, 1], 'two, busy' => [20.0, 2], 'four' => [38.0, 4], 'eight' => [80.0, 8]]);

it('waits as Pollaczek and Khinchine have it, and M/D/1', function (float $spread): void {
    // Mean wait lambda E[S^2] / 2 (1 - rho): F. Pollaczek (1930), A. Khinchine (1932).
    $middle = Duration::ofMinutes(5);
    $face = $spread === 0.0 ? FaceTime::fixed($middle) : FaceTime::logNormal($middle, $spread);
    $tally = longLine(8.5, 1, $face);
    $mean = 5.0 * exp($spread ** 2 / 2);
    $square = 25.0 * exp(2.0 * $spread ** 2);
    $perMinute = 8.5 / 60.0;
    $wait = $perMinute * $square / (2.0 * (1.0 - $perMinute * $mean));

    expect($tally->sums['waits'] / 60_000 / array_sum($tally->runs['faces']))->toEqualWithDelta($wait, 4.0 * standardError($tally))
        ->and(standardError($tally))->toBeLessThan(0.05 * $wait);
})->with(['always the same' => 0.0, 'as faces differ' => 0.3, 'very different' => 0.6]);

it('loses children as Erlang B has it where nobody waits', function (float $perHour, int $artists): void {
    $tally = longLine($perHour, $artists, FaceTime::memoryless(Duration::ofMinutes(5)), new LineRules(longest: 0));
    $came = $tally->meanFaces() + $tally->lost('balked');
    $blocked = erlangB($perHour / 12.0, $artists);

    // Insensitive to how long faces take, but for their mean.
    $fixed = longLine($perHour, $artists, FaceTime::fixed(Duration::ofMinutes(5)), new LineRules(longest: 0));
    expect($tally->lost('balked') / $came)->toEqualWithDelta($blocked, 0.01 * $blocked + 0.001)
        ->and($fixed->lost('balked') / $came)->toEqualWithDelta($blocked, 0.01 * $blocked + 0.001)
        ->and($tally->meanWait()->milliseconds)->toBe(0);
})->with([[24.0, 4], [12.0, 1], [60.0, 4]]);

it('loses the impatient as M/M/c+M has it', function (float $perHour, int $artists): void {
    // C. Palm (1957): births at lambda, deaths at n mu up to c, then c mu + (n - c) theta. Half have left after seven minutes.
    $patience = 7.0;
    $theta = log(2.0) * 60.0 / $patience;
    $weights = [1.0];
    for ($n = 1; $n < 400; $n++) {
        $weights[$n] = $weights[$n - 1] * $perHour / (12.0 * min($n, $artists) + $theta * max(0, $n - $artists));
    }
    $waiting = 0.0;
    foreach ($weights as $n => $weight) {
        $waiting += max(0, $n - $artists) * $weight / array_sum($weights);
    }
    $left = $theta * $waiting / $perHour;
    $tally = longLine(
        $perHour,
        $artists,
        FaceTime::memoryless(Duration::ofMinutes(5)),
        new LineRules(patience: Duration::ofMinutes($patience)),
    );

    expect($tally->lost('left') / ($tally->lost('left') + $tally->meanFaces()))->toEqualWithDelta($left, 0.02 * $left);
})->with(['overrun' => [30.0, 2], 'busy' => [46.0, 4]]);

it('paints those who stand there, and those who come by appointment, as a pencil has it', function (): void {
    $open = Duration::ofMinutes(60);
    $artists = [
        Artist::all('one', $open, FaceTime::fixed(Duration::ofMinutes(4))),
        Artist::all('two', $open, FaceTime::fixed(Duration::ofMinutes(4))),
    ];
    $played = static fn (Arrivals $arrivals): Tally => (new Simulation(new Scenario(
        open: $open,
        arrivals: $arrivals,
        menu: [new Offer('starfish')],
        artists: $artists,
        turnaround: Duration::ofMinutes(1),
        turnaroundSpread: 0.0,
    )))->run(1);

    // 24 children at once, two chairs, five minutes each with the turnaround: twelve rounds, the last painted after 59 minutes.
    expect($played(Arrivals::atOnce(24))->end(0.5))->toEqual(Duration::ofMinutes(59))
        ->and($played(Arrivals::atOnce(24))->chanceOfAll())->toBe(1.0)
        ->and($played(Arrivals::atOnce(25))->chanceOfAll())->toBe(0.0)
        // Waits 0, 0, 5, 5, ... 55, 55: 27:30 in the mean.
        ->and($played(Arrivals::atOnce(24))->meanWait())->toEqual(Duration::ofMinutes(27.5))
        // One every 150 s finds a chair just free; one every 120 s waits half a minute longer each: D/D/2.
        ->and($played(Arrivals::even(24))->meanWait())->toEqual(Duration::zero())
        ->and($played(Arrivals::even(30))->meanWait())->toEqual(Duration::ofSeconds(7 * 60));
});

it('crowds onto a design as an urn does', function (): void {
    // N. L. Johnson, S. Kotz, "Urn models and their application" (1977): variance N p q (W + N c) / (W + c), here W = 4, p = 1/4.
    $contagion = 0.1;
    $open = Duration::ofMinutes(1000);
    $face = FaceTime::fixed(Duration::ofMinutes(1));
    $scenario = new Scenario(
        open: $open,
        arrivals: Arrivals::atOnce(60),
        menu: array_map(static fn (int $at): Offer => new Offer("design {$at}"), range(1, 4)),
        artists: [Artist::all('one', $open, $face, $face, $face, $face)],
        turnaround: Duration::zero(),
        rules: new LineRules(contagion: $contagion),
    );
    $chosen = [];
    $simulation = new Simulation($scenario, 3);
    for ($run = 0; $run < 4000; $run++) {
        $chosen[] = $simulation->run(1, $run)->painted[0];
    }
    $mean = array_sum($chosen) / 4000;
    $variance = array_sum(array_map(static fn (int $one): float => ($one - $mean) ** 2, $chosen)) / 3999;

    expect($mean)->toEqualWithDelta(15.0, 4.0 * sqrt($variance / 4000))
        ->and($variance)->toEqualWithDelta(60 * 0.25 * 0.75 * (4.0 + 60 * 0.4) / 4.4, 0.1 * $variance);
});

it('agrees with a simulation written in R', function (): void {
    // The same fair, told twice: three hours by an hour profile, two artists of whom one rests in the middle, two designs.
    $open = Duration::ofMinutes(180);
    $times = [FaceTime::logNormal(Duration::ofMinutes(3), 0.2), FaceTime::logNormal(Duration::ofMinutes(5), 0.3)];
    $scenario = new Scenario(
        open: $open,
        arrivals: Arrivals::byProfile(60.0, [1.0, 2.0, 1.0]),
        menu: [new Offer('anchor arm band', 2.0), new Offer('puffin mask', 1.0)],
        artists: [
            Artist::all('one', $open, ...$times),
            Artist::all('two', $open, ...$times)->sitting([[0, 60 * 60_000], [80 * 60_000, 180 * 60_000]]),
        ],
        turnaround: Duration::ofMinutes(1),
        turnaroundSpread: 0.3,
    );
    $tally = (new Simulation($scenario, 11))->run(3000);
    [$faces, $wait, $waitError, $all, $end, $endError] = R::numbers(<<<'R'
        set.seed(4)
        one <- function() {
          at <- cumsum(rexp(400, 2 * 60 / 240)); at <- at[at < 180]
          keep <- runif(length(at)) < c(.5, 1, .5)[1 + floor(at / 60)]; at <- at[keep]
          free <- c(0, 0); rested <- FALSE; waits <- c(); last <- 0; late <- FALSE
          for (a in at) {
            k <- which.min(free); s <- max(a, free[k]); waits <- c(waits, s - a)
            face <- if (runif(1) < 2/3) 3 * exp(.2 * rnorm(1)) else 5 * exp(.3 * rnorm(1))
            done <- s + face; last <- max(last, done); if (done > 180) late <- TRUE
            free[k] <- done + exp(.3 * rnorm(1))
            if (k == 2 && !rested && free[2] >= 60) { free[2] <- free[2] + 20; rested <- TRUE }
          }
          c(length(at), mean(waits), !late, last)
        }
        runs <- replicate(3000, one()); m <- rowMeans(runs); e <- apply(runs, 1, sd) / sqrt(3000)
        cat(m[1], m[2], e[2], m[3], m[4], e[4], sep = "\n")
        R);
    $waits = array_map(static fn (int $sum, int $count): float => $sum / $count / 60_000, $tally->runs['waits'], $tally->runs['faces']);
    $ends = array_map(static fn (int $ms): float => $ms / 60_000, $tally->runs['end']);

    // Each mean has its own standard error; of the difference it is 1.41 times as much.
    expect($tally->meanFaces())->toEqualWithDelta($faces, 4.0 * sqrt(2.0 * 60.0 / 3000))
        ->and(array_sum($waits) / 3000)->toEqualWithDelta($wait, 4.0 * M_SQRT2 * $waitError)
        ->and(array_sum($ends) / 3000)->toEqualWithDelta($end, 4.0 * M_SQRT2 * $endError)
        ->and($tally->chanceOfAll())->toEqualWithDelta($all, 4.0 * sqrt(2.0 * $all * (1.0 - $all) / 3000));
});
