<?php

declare(strict_types=1);

namespace Core\Timeline;

/** Starting constants of the work there is in a step. Each is this team's estimate unless a source stands beside it. */
final readonly class Defaults
{
    /** Seconds a square centimetre, one coat. Team's estimates, set so that generic designs take the minutes the trade quotes. */
    public const STIPPLE_RATE = 0.42;

    public const SWEEP_RATE = 0.28;

    public const BLEND_RATE = 0.5;

    public const FILL_RATE = 1.9;

    public const OUTLINE_RATE = 0.93;

    public const POWDER_RATE = 0.25;

    public const STENCIL_RATE = 0.45;

    public const LOOSE_GLITTER_RATE = 0.12;

    public const GLITTER_GEL_RATE = 0.3;

    public const LIFT_OFF_RATE = 0.5;

    /** Look, aim, first touch: before anything is on the skin. Team's estimate. */
    public const STEP_START_SECONDS = 2.0;

    /** A free line of middling length. Team's estimate. */
    public const LINE_SECONDS = 4.0;

    /** One press of a brush. Team's estimate. */
    public const PRESS_SECONDS = 1.2;

    /** Team's estimates: a self-stick gem, and one set with skin glue. */
    public const GEM_SECONDS = 2.5;

    public const GLUED_GEM_SECONDS = 5.0;

    /** Team's estimates. */
    public const TIDY_SECONDS = 6.5;

    public const USUAL_WAIT_SECONDS = 30;

    /** A base over more skin than this many square centimetres goes faster beyond: at this share of the rate. Team's estimates. */
    public const LARGE_BASE = 60.0;

    public const LARGE_BASE_SHARE = 0.45;

    /** On a lid the hand waits for the eye to shut and keep still: so many seconds a side. Common practice, no source. */
    public const LID_SECONDS = 8.0;

    /** A shape takes this share of the place it stands on. Team's estimate. */
    public const SHAPE_OF_ZONE = 0.4;
}
