<?php

declare(strict_types=1);

namespace Core\Pace;

use Core\Units\Duration;

/**
 * How long something takes a painter: log-normal, with a learning curve. The logarithm of the n-th time is a + b log n with
 * normal errors; a, b and the spread of the errors have a normal-inverse-gamma prior about what was planned and a usual
 * learning curve, which every run updates by its weight. What comes next is Student's t in the logarithm.
 *
 * @phpstan-type Values array{
 *     faces: int, practised: int, interrupted: int, slips: int, nth: int, line: array{int|float, int|float},
 *     doubt: array{int|float, int|float, int|float}, shape: int|float, scale: int|float
 * }
 *
 * Source: A. Gelman et al., "Bayesian Data Analysis" (3rd ed.), chapters 3 and 14: conjugate normal linear regression.
 */
final readonly class Pace
{
    /**
     * @param  int  $faces  runs on faces that it rests on
     * @param  int  $practised  runs on the board that it rests on
     * @param  int  $interrupted  runs left out because something came between
     * @param  int  $slips  runs left out because the tap cannot be meant
     * @param  int  $nth  repetitions so far
     * @param  array{float, float}  $line  a and b
     * @param  array{float, float, float}  $doubt  covariance of a and b in units of the error's variance: aa, ab, bb
     * @param  float  $shape  alpha of the inverse gamma
     * @param  float  $scale  its beta
     */
    public function __construct(
        public int $faces,
        public int $practised,
        public int $interrupted,
        public int $slips,
        public int $nth,
        public array $line,
        public array $doubt,
        public float $shape,
        public float $scale,
    ) {}

    /**
     * @param  Duration  $planned  what the time is thought to be while nothing is logged: typed, estimated, or the team's
     * @param  list<Run>  $runs  in any order; the newest count
     * @param  Prior  $prior  what is believed before anything is logged
     */
    public static function of(Duration $planned, array $runs, Prior $prior = new Prior): self
    {
        $nth = $runs === [] ? 0 : max(array_column($runs, 'nth'));
        $telling = array_values(array_filter($runs, static fn (Run $run): bool => $prior->weight($run) > 0.0));
        $counting = self::newest($telling, $prior->mostRuns);
        $centre = log(max(1, $planned->milliseconds));
        $logs = array_map(static fn (Run $run): float => $run->log(), $counting);
        $slips = Slips::among($logs, $centre, $prior);
        $logs = array_filter($logs, $slips->isNone(...));
        $kept = array_intersect_key($counting, $logs);
        $practised = count(array_filter($kept, static fn (Run $run): bool => $run->isPractice));
        [$line, $doubt, $shape, $scale] = self::fit($centre, $kept, $logs, $prior);

        return new self(
            faces: count($kept) - $practised,
            practised: $practised,
            interrupted: count($runs) - count($telling),
            slips: count($counting) - count($kept),
            nth: $nth,
            line: $line,
            doubt: $doubt,
            shape: $shape,
            scale: $scale,
        );
    }

    /** @param  Values  $values  see values() */
    public static function read(array $values): self
    {
        return new self(
            faces: $values['faces'], practised: $values['practised'], interrupted: $values['interrupted'], slips: $values['slips'],
            nth: $values['nth'],
            line: array_map(floatval(...), $values['line']), doubt: array_map(floatval(...), $values['doubt']),
            shape: (float) $values['shape'], scale: (float) $values['scale'],
        );
    }

    /** @return Values plain, ready for JSON */
    public function values(): array
    {
        return [
            'faces' => $this->faces, 'practised' => $this->practised, 'interrupted' => $this->interrupted, 'slips' => $this->slips,
            'nth' => $this->nth, 'line' => $this->line, 'doubt' => $this->doubt, 'shape' => $this->shape, 'scale' => $this->scale,
        ];
    }

    /** From two runs on, the log says more than the plan. */
    public function isKnown(): bool
    {
        return $this->faces + $this->practised >= Defaults::FEWEST_RUNS;
    }

    /** Half of the next runs are done by then. */
    public function middle(int $more = 0): Duration
    {
        return $this->quantile(0.5, $more);
    }

    /** Eight of ten of the next runs are done by then. */
    public function eightOfTen(int $more = 0): Duration
    {
        return $this->quantile(Defaults::MOST_FACES, $more);
    }

    /**
     * The time by which so great a share of runs is done.
     *
     * @param  int  $more  after so many more repetitions; below 0 for one that was, the last being -1
     */
    public function quantile(float $share, int $more = 0): Duration
    {
        $x = log(max(1, $this->nth + 1 + $more));
        [$each, $doubt] = $this->spreads($more);
        $spread = hypot($each, $doubt);
        $log = $this->line[0] + $this->line[1] * $x + $spread * StudentT::quantile($share, 2.0 * $this->shape);

        return Duration::ofMilliseconds((int) round(min(exp($log), 1e12)));
    }

    /**
     * Standard deviations of the logarithm: from one run to the next, and of the doubt about their middle.
     *
     * @return array{float, float}
     */
    public function spreads(int $more = 0): array
    {
        $x = log(max(1, $this->nth + 1 + $more));
        [$aa, $ab, $bb] = $this->doubt;
        $variance = $this->scale / $this->shape;

        return [sqrt($variance), sqrt(max(0.0, $variance * ($aa + 2.0 * $ab * $x + $bb * $x * $x)))];
    }

    /** What so many more repetitions make it quicker, as a rule; nothing where practice does not help. */
    public function gain(int $more): Duration
    {
        return $this->middle()->minus($this->middle($more));
    }

    public function learning(): Learning
    {
        return new Learning($this->line[1]);
    }

    /** Whether eight of ten are done within the promise. */
    public function isReadyFor(Duration $promise): bool
    {
        return $this->isKnown() && ! $this->eightOfTen()->isLongerThan($promise);
    }

    /** How many more repetitions until it is; 0 where it is ready, null where that lies too far off to say. */
    public function readyAfter(Duration $promise, int $furthest = Defaults::FURTHEST_FORECAST): ?int
    {
        $least = $this->isKnown() ? 0 : Defaults::FEWEST_RUNS - $this->faces - $this->practised;
        for ($more = $least; $more <= $furthest; $more++) {
            if (! $this->quantile(Defaults::MOST_FACES, $more)->isLongerThan($promise)) {
                return $more;
            }
        }

        return null;
    }

    /**
     * @param  list<Run>  $runs
     * @return list<Run>
     */
    private static function newest(array $runs, int $most): array
    {
        $nth = array_column($runs, 'nth');
        array_multisort($nth, SORT_DESC, SORT_NUMERIC, $runs);

        return array_slice($runs, 0, $most);
    }

    /**
     * @param  array<int, Run>  $runs
     * @param  array<int, float>  $logs  of their times
     * @return array{array{float, float}, array{float, float, float}, float, float} line, doubt, shape and scale
     */
    private static function fit(float $centre, array $runs, array $logs, Prior $prior): array
    {
        $ww = $wx = $wxx = $wy = $wxy = $wyy = 0.0;
        foreach ($runs as $at => $run) {
            $weight = $prior->weight($run);
            $x = log($run->nth);
            // Deviations from what the prior expects keep the sums of squares small.
            $y = $logs[$at] - $centre - $prior->slope * $x;
            $ww += $weight;
            $wx += $weight * $x;
            $wxx += $weight * $x * $x;
            $wy += $weight * $y;
            $wxy += $weight * $x * $y;
            $wyy += $weight * $y * $y;
        }
        $aa = $prior->planRuns + $ww;
        $bb = ($prior->spread / $prior->slopeSpread) ** 2 + $wxx;
        $determinant = $aa * $bb - $wx * $wx;
        $a = ($bb * $wy - $wx * $wxy) / $determinant;
        $b = ($aa * $wxy - $wx * $wy) / $determinant;
        $scale = $prior->spreadShape * $prior->spread ** 2 + 0.5 * max(0.0, $wyy - $a * $wy - $b * $wxy);

        return [
            [$centre + $a, $prior->slope + $b],
            [$bb / $determinant, -$wx / $determinant, $aa / $determinant],
            $prior->spreadShape + 0.5 * $ww,
            $scale,
        ];
    }
}
