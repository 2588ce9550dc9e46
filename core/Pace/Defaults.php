<?php

declare(strict_types=1);

namespace Core\Pace;

/** Starting constants of the pace. Each is this team's estimate unless a source stands beside it. */
final readonly class Defaults
{
    /** One face may be any face; from two on the log says more than what was typed. */
    public const FEWEST_RUNS = 2;

    /** Older runs were painted by slower hands. */
    public const MOST_RUNS = 60;

    /** What was typed counts as so many runs. */
    public const PLAN_RUNS = 1.0;

    /** How far one run of a step lies from the next before any is logged, as a standard deviation of the logarithm. */
    public const SPREAD = 0.2;

    /** So many runs that spread counts as: half of the degrees of freedom. */
    public const SPREAD_SHAPE = 3.0;

    /** The usual slope of a learning curve: seven in a hundred less with each doubling of the repetitions. */
    public const LEARNING_SLOPE = -0.07;

    /** How far slopes lie apart: some painters have painted a design for years before they log it. */
    public const LEARNING_SPREAD = 0.15;

    /** A repetition on the practice board, where no child moves, tells half of what a face does. */
    public const PRACTICE_WEIGHT = 0.5;

    /**
     * A run so many robust deviations off the middle is a slip of the tap. Source: B. Iglewicz, D. Hoaglin, "How to detect and
     * handle outliers", ASQC (1993): modified z-scores above 3.5.
     */
    public const SLIP_Z = 3.5;

    /** The least robust deviation: up to nearly three times the middle nothing is called a slip. */
    public const SLIP_SPREAD = 0.3;

    /** "8 of 10 faces are done by". */
    public const MOST_FACES = 0.8;

    /** More repetitions than this are no forecast but a hope. */
    public const FURTHEST_FORECAST = 60;

    /** Repetitions ahead that forecasts are told for. */
    public const FORECAST_AHEAD = 8;
}
