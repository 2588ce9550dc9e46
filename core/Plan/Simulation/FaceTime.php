<?php

declare(strict_types=1);

namespace Core\Plan\Simulation;

use Core\Pace\Pace;
use Core\Pace\WholeFace;
use Core\Plan\Defaults;
use Core\Units\Duration;

/**
 * How long an artist takes over a face, as it is drawn by chance: a middle, a spread from face to face, a doubt about the middle that
 * lasts a day, and what repetition makes it quicker.
 */
final readonly class FaceTime
{
    /**
     * @param  Duration  $middle  half of the faces are done by then
     * @param  float  $spread  standard deviation of the logarithm, from face to face
     * @param  float  $doubt  likewise, of the middle of a whole day
     * @param  float  $slope  of the learning curve, in logarithms; 0 where repetition does not help
     * @param  int  $nth  repetitions before the day
     * @param  bool  $isMemoryless  exponential with that middle, as queueing theory has it
     */
    private function __construct(
        public Duration $middle,
        public float $spread,
        public float $doubt = 0.0,
        public float $slope = 0.0,
        public int $nth = 0,
        public bool $isMemoryless = false,
    ) {}

    public static function fixed(Duration $each): self
    {
        return new self($each, 0.0);
    }

    public static function logNormal(Duration $middle, float $spread, float $doubt = 0.0, float $slope = 0.0, int $nth = 0): self
    {
        return new self(middle: $middle, spread: $spread, doubt: $doubt, slope: $slope, nth: $nth);
    }

    /** For what is known in closed form of queues whose service is memoryless. */
    public static function memoryless(Duration $mean): self
    {
        return new self($mean->times(log(2.0)), 0.0, isMemoryless: true);
    }

    /**
     * As it is planned.
     *
     * @param  Duration|null  $eightOfTen  eight of ten are done by then; null while nothing is logged
     * @param  float  $dayDoubt  of what is logged: standard deviation of the logarithm, from day to day
     */
    public static function planned(Duration $middle, ?Duration $eightOfTen, float $dayDoubt = Defaults::LOGGED_DOUBT): self
    {
        if ($eightOfTen === null || $middle->isZero()) {
            return new self($middle, Defaults::FACE_SPREAD, Defaults::DAY_DOUBT);
        }
        $all = log(max(1.0, $eightOfTen->milliseconds / $middle->milliseconds)) / WholeFace::EIGHT_OF_TEN;

        $each = sqrt(max(0.0, $all ** 2 - $dayDoubt ** 2));

        return new self($middle, max(Defaults::LEAST_SPREAD, $each), $dayDoubt);
    }

    /** As the log has it. */
    public static function logged(Pace $pace): self
    {
        [$spread, $doubt] = $pace->spreads();

        return new self(
            middle: $pace->middle(), spread: $spread, doubt: $doubt, slope: min(0.0, $pace->line[1]), nth: $pace->nth,
        );
    }

    /**
     * Its own values, read from JSON.
     *
     * @param  array{middle: array{milliseconds: int}, spread: float, doubt: float, slope: float, nth: int, isMemoryless: bool}  $values
     */
    public static function read(array $values): self
    {
        return new self(...[...$values, 'middle' => Duration::ofMilliseconds($values['middle']['milliseconds'])]);
    }

    /** Eight of ten faces are done by then, whatever the day. */
    public function eightOfTen(): Duration
    {
        return $this->middle->times(exp(WholeFace::EIGHT_OF_TEN * hypot($this->spread, $this->doubt)));
    }

    /** Slower or quicker by a factor, in whatever it spreads. */
    public function times(float $factor): self
    {
        return new self(
            middle: $this->middle->times($factor), spread: $this->spread, doubt: $this->doubt, slope: $this->slope, nth: $this->nth,
            isMemoryless: $this->isMemoryless,
        );
    }

    public function mean(): Duration
    {
        return $this->isMemoryless
            ? $this->middle->times(1.0 / log(2.0))
            : $this->middle->times(exp(($this->spread ** 2 + $this->doubt ** 2) / 2.0));
    }
}
