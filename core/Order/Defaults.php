<?php

declare(strict_types=1);

namespace Core\Order;

/** Starting constants of the rules. Each is this team's estimate unless a source stands beside it. */
final readonly class Defaults
{
    /** Longest stretch with the eyes shut that children take well. Team's estimate. */
    public const EYES_SHUT_SECONDS = 45;

    /** Share of a place that counted marks may fill before it looks too busy. Team's estimate. */
    public const CROWDED_SHARE = 1.0;

    /** Fewer strokes than this, and no place is too busy. Team's estimate. */
    public const CROWD = 20;

    /** Seconds that another order, another tool or other work must save to be worth a word. Team's estimate. */
    public const WORTH_SECONDS = 10.0;

    /**
     * White lines on a strong base go on at once to 20 s, black wax at 0 to 10 s; petals and leaves at once to 20 s (common
     * practice, no source).
     */
    public const LINE_AT_ONCE_SECONDS = 20.0;

    public const SHAPE_AT_ONCE_SECONDS = 20.0;

    /** Dots on a black fill wait 30 to 40 s, on a sponged base not at all (common practice, no source). */
    public const SPARKLE_AT_ONCE_SECONDS = 12.0;

    /** Thin stripes of red need white that is completely dry; a sponged base is so within these seconds. Team's estimate. */
    public const STRONG_AT_ONCE_SECONDS = 10.0;

    /** Glitter sticks until the film is dry (common practice, no source), and a little longer to what is just dry. Team's estimate. */
    public const GLITTER_HOLDS_SECONDS = 5.0;

    /** Share of a step from which another one hides or carries it. Team's estimate. */
    public const MOST_OF_IT = 0.5;

    /** Square centimetres from which a fill may be the base of a figure. Team's estimate. */
    public const BASE_AREA = 20.0;

    /** Longest wait that a shape or a pale line is worth on strong paint: painters go on after 20 s (common practice, no source). */
    public const LONGEST_WAIT_SECONDS = 20.0;

    /** A poof or a touch of glitter is done sooner; what takes longer lies on thick enough to hide dots. Team's estimate. */
    public const HEAVY_GLITTER_SECONDS = 15.0;

    /** Of a wait, this share is enough: nobody sees the rest. Team's estimate. */
    public const LENIENCY = 0.8;

    /** Lips are too early when so much is still painted after them. Team's estimate. */
    public const LIPS_BEFORE_END_SECONDS = 20.0;

    /** A soft inlay is too late when its ground has been dry for so long. Team's estimate. */
    public const INLAY_LATE_SECONDS = 30.0;

    /** Below this factor the air is so humid that soft paint goes sticky. Team's estimate. */
    public const STICKY_FACTOR = 0.6;

    /** CIELAB of ear pink and blush: this red at least, more red than yellow or blue, and no darker. Team's estimates. */
    public const ROSY_FROM = 12.0;

    public const ROSY_LIGHTNESS = 55.0;

    /** Blends in one design, and seconds of one, from which blending may take minutes. Team's estimates. */
    public const MANY_BLENDS = 3;

    public const LONG_BLEND_SECONDS = 60.0;

    /** Square centimetres of colours picked up apart from which blending them takes minutes. Team's estimate. */
    public const LONG_BLEND_AREA = 40.0;

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
