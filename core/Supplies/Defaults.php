<?php

declare(strict_types=1);

namespace Core\Supplies;

/** Starting constants of what a face uses up. Each is this team's estimate: weigh a cake before and after a day to better it. */
final readonly class Defaults
{
    /** Paint on a square centimetre of one coat with a sponge. */
    public const GRAMS_A_CENTIMETRE = 0.002;

    /** Paint of one petal, tear, dot or line. */
    public const GRAMS_A_STROKE = 0.004;

    /** Loose or gel, wherever it goes. */
    public const GLITTER_GRAMS = 0.08;

    /** A drop under each gem that does not stick by itself. */
    public const GLUE_GRAMS = 0.02;

    /** One for the hands and one for the face. */
    public const WIPES_A_FACE = 2;

    /** Fresh water after so many faces. */
    public const FACES_A_WATER = 12;

    /** Bring what nine days of ten need. */
    public const MARGIN = 0.9;

    /** So many weighed grams make as much of a difference as the estimate does. */
    public const GRAMS_BEFORE = 20.0;

    /** Nobody uses so many times more, or less, than another who paints the same. */
    public const MOST_THRIFT = 5.0;

    /** Both pots filled anew. */
    public const LITRES_A_WATER = 0.5;
}
