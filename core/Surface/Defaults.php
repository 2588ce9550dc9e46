<?php

declare(strict_types=1);

namespace Core\Surface;

/** Starting constants of drying. Each is this team's estimate unless a source stands beside it. */
final readonly class Defaults
{
    /** The skin a film lies on, in degrees Celsius: usual for a face. From memory, no source. */
    public const SKIN_CELSIUS = 33.0;

    public const REFERENCE_CELSIUS = 20.0;

    public const REFERENCE_HUMIDITY = 50.0;

    /** Weather dries paint neither faster nor slower than this, against the reference. */
    public const LEAST_FACTOR = 0.2;

    public const MOST_FACTOR = 4.0;

    /**
     * Seconds until a usual brush load of moisture is gone at the reference. Team's estimates, set so that a line may follow a
     * sponged base within a one-minute cheek, and flooded glycerine takes some two and a half minutes (common practice, no source).
     */
    public const WAX_SECONDS = 60.0;

    public const GLYCERINE_SECONDS = 90.0;

    /** Moisture of one coat; a usual brush load is 1. Team's estimates. */
    public const DAMP_MOISTURE = 0.6;

    public const NORMAL_MOISTURE = 1.0;

    public const LIQUID_MOISTURE = 2.0;

    /** A sponge is pressed out: it lays less water than a brush. Team's estimate. */
    public const SPONGE_SHARE = 0.55;

    /** Moisture above which a film is wet, and up to which it is dry; tacky in between. Team's estimates. */
    public const WET_ABOVE = 0.25;

    public const DRY_UP_TO = 0.05;

    public const LEAST_CELSIUS = -10.0;

    public const MOST_CELSIUS = 45.0;

    public const MOST_WIND = 20.0;
}
