<?php

declare(strict_types=1);

namespace Core\Pace;

/** What is believed of a pace before anything is logged, and how much each run may say against it. */
final readonly class Prior
{
    /**
     * @param  float  $planRuns  what was planned counts as so many runs
     * @param  float  $spread  of one run to the next, as a standard deviation of the logarithm
     * @param  float  $spreadShape  so many runs that spread counts as: half of the degrees of freedom
     * @param  float  $slope  of the usual learning curve
     * @param  float  $slopeSpread  how far slopes lie apart
     * @param  float  $practiceWeight  what a repetition on the board counts, a face being 1
     * @param  int  $mostRuns  the newest that count
     * @param  float  $slipZ  robust deviations off the middle from which on a run is a slip of the tap
     * @param  float  $slipSpread  the least robust deviation
     */
    public function __construct(
        public float $planRuns = Defaults::PLAN_RUNS,
        public float $spread = Defaults::SPREAD,
        public float $spreadShape = Defaults::SPREAD_SHAPE,
        public float $slope = Defaults::LEARNING_SLOPE,
        public float $slopeSpread = Defaults::LEARNING_SPREAD,
        public float $practiceWeight = Defaults::PRACTICE_WEIGHT,
        public int $mostRuns = Defaults::MOST_RUNS,
        public float $slipZ = Defaults::SLIP_Z,
        public float $slipSpread = Defaults::SLIP_SPREAD,
    ) {}

    /** How much a run says; 0 where it says nothing of the pace. */
    public function weight(Run $run): float
    {
        return match (true) {
            $run->isInterrupted, $run->milliseconds <= 0 => 0.0,
            $run->isPractice => $this->practiceWeight,
            default => 1.0,
        };
    }
}
