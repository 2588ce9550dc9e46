<?php

declare(strict_types=1);

namespace Core\Surface;

/** The air about the chair, and how much faster or slower it dries paint than the reference air does. */
final readonly class Weather
{
    /**
     * @param  float  $humidity  relative, in percent
     * @param  float  $wind  metres a second at the chair
     *
     * @throws InvalidWeather when nobody could paint in it
     */
    public function __construct(public float $celsius, public float $humidity, public float $wind)
    {
        match (true) {
            $celsius < Defaults::LEAST_CELSIUS || $celsius > Defaults::MOST_CELSIUS => throw InvalidWeather::air($celsius),
            $humidity < 0 || $humidity > 100 => throw InvalidWeather::humidity($humidity),
            $wind < 0 || $wind > Defaults::MOST_WIND => throw InvalidWeather::wind($wind),
            default => null,
        };
    }

    /** 20 degrees, half humid, still: what the reference times hold for. */
    public static function reference(): self
    {
        return new self(Defaults::REFERENCE_CELSIUS, Defaults::REFERENCE_HUMIDITY, 0.0);
    }

    public function isReference(): bool
    {
        return [$this->celsius, $this->humidity, $this->wind] === [Defaults::REFERENCE_CELSIUS, Defaults::REFERENCE_HUMIDITY, 0.0];
    }

    /**
     * Evaporation against the reference, by the vapour pressure difference from film to air and Penman's wind function.
     * That the film is as warm as the mean of air and skin is a choice of this model.
     */
    public function dryingFactor(): float
    {
        $factor = $this->evaporation() / self::reference()->evaporation();

        return min(Defaults::MOST_FACTOR, max(Defaults::LEAST_FACTOR, $factor));
    }

    /**
     * Saturation vapour pressure e0 in kilopascals.
     *
     * Source: R. G. Allen et al., "Crop evapotranspiration", FAO Irrigation and Drainage Paper 56 (1998), equation 11.
     */
    public static function saturationPressure(float $celsius): float
    {
        return 0.6108 * exp(17.27 * $celsius / ($celsius + 237.3));
    }

    private function evaporation(): float
    {
        $film = ($this->celsius + Defaults::SKIN_CELSIUS) / 2;
        $inAir = $this->humidity / 100 * self::saturationPressure($this->celsius);

        return max(0.0, self::saturationPressure($film) - $inAir) * (1 + 0.54 * $this->wind);
    }
}
