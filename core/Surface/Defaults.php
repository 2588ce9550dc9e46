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
     * Seconds until a usual brush load of moisture is gone at the reference. Set so that dots may follow a black fill after 30 to
     * 40 s, red a white one after as long, and flooded glycerine takes some two and a half minutes (common practice, no source).
     */
    public const WAX_SECONDS = 40.0;

    public const GLYCERINE_SECONDS = 60.0;

    /** Moisture of one coat; a usual brush load is 1. Team's estimates. */
    public const DAMP_MOISTURE = 0.6;

    public const NORMAL_MOISTURE = 1.0;

    public const LIQUID_MOISTURE = 2.5;

    /**
     * A sponge is pressed out: it lays less water than a brush, so that black wax goes on a fresh base after 0 to 10 s (common
     * practice, no source).
     */
    public const SPONGE_SHARE = 0.4;

    /** Lines and curls lay less paint than dots and fills do: they are dry sooner. Team's estimate. */
    public const THIN_SHARE = 0.6;

    /** What is sponged or powdered through a stencil is ready in some 5 s (common practice, no source). */
    public const STENCIL_MOISTURE = 0.175;

    /** Moisture above which a film is wet, and up to which it is dry; tacky in between. Team's estimates. */
    public const WET_ABOVE = 0.25;

    public const DRY_UP_TO = 0.05;

    /** Moisture from which a dot or a pale line no longer bleeds, though a fingertip still sticks. Team's estimate. */
    public const NEARLY_DRY_UP_TO = 0.15;

    /** So many times one must have gone on early before anything is learnt of it. Team's estimate. */
    public const GOING_ON_TIMES = 5;

    public const MOST_GOING_ON = 2.0;

    public const LEAST_CELSIUS = -10.0;

    public const MOST_CELSIUS = 45.0;

    public const MOST_WIND = 20.0;

    /** Drying so many times faster than the reference asks for another way of working: this team's estimate, as are the next ones. */
    public const QUICK_FACTOR = 2.2;

    public const SLOW_FACTOR = 0.8;

    /** "Humid air turns some paints sticky" (common practice, no source): from so much on, where it is not cold. */
    public const STICKY_HUMIDITY = 75.0;

    public const STICKY_CELSIUS = 15.0;

    /** Metres a second that are worth a word. */
    public const WINDY = 3.0;
}
