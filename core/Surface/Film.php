<?php

declare(strict_types=1);

namespace Core\Surface;

use Core\Units\Duration;

/** A film of paint from the moment its step ends: its moisture falls in a straight line. */
final readonly class Film
{
    /**
     * @param  float  $moisture  when the step ends; a usual brush load is 1
     * @param  float  $rate  moisture lost in a second
     */
    public function __construct(public float $moisture, public float $rate) {}

    public static function dry(): self
    {
        return new self(0.0, 1.0);
    }

    /** How long after the step's end it is no longer wet. */
    public function tackyAfter(): Duration
    {
        return $this->until(Defaults::WET_ABOVE);
    }

    /** How long after the step's end a dot or a pale line no longer bleeds on it. */
    public function nearlyDryAfter(): Duration
    {
        return $this->until(Defaults::NEARLY_DRY_UP_TO);
    }

    /** How long after the step's end it is dry. */
    public function dryAfter(): Duration
    {
        return $this->until(Defaults::DRY_UP_TO);
    }

    public function moistureAfter(Duration $since): float
    {
        return max(0.0, $this->moisture - $this->rate * $since->seconds());
    }

    public function wetnessAfter(Duration $since): Wetness
    {
        return match (true) {
            ! $this->tackyAfter()->minus($since)->isZero() => Wetness::Wet,
            ! $this->dryAfter()->minus($since)->isZero() => Wetness::Tacky,
            default => Wetness::Dry,
        };
    }

    /** Rounded up to whole seconds, which is as fine as a fingertip tells. */
    private function until(float $moisture): Duration
    {
        return Duration::ofSeconds(ceil(max(0.0, $this->moisture - $moisture) / $this->rate - 1e-9));
    }
}
