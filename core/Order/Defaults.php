<?php

declare(strict_types=1);

namespace Core\Order;

/** Starting constants of the rules. Each is this team's estimate unless a source stands beside it. */
final readonly class Defaults
{
    /** Longest stretch with the eyes shut that children take well. Team's estimate. */
    public const EYES_SHUT_SECONDS = 45;

    /** Strokes on a square centimetre from which a place looks too busy. Team's estimate. */
    public const BUSY_MARKS = 1.6;

    /** Seconds of standing still that are worth another order. Team's estimate. */
    public const WORTH_SECONDS = 3;

    /** Square centimetres from which opaque white looks cakey. Team's estimate. */
    public const LARGE_AREA = 30.0;

    /** Common practice, no source: under this age no full face and no gems. */
    public const FULL_FACE_FROM_AGE = 3;

    /** Rules look this far for another place for a step. Team's estimate: further moves confuse more than they save. */
    public const FARTHEST_MOVE = 12;

    /** Steps of CIELAB lightness that make one colour clearly lighter than another. Team's estimate. */
    public const LIGHTER_BY = 12.0;

    /** More colours than this are not tried in every order. */
    public const MOST_COLOURS_TURNED = 5;

    public const MOST_PINS = 40;

    public const LONGEST_REASON = 120;
}
