<?php

declare(strict_types=1);

namespace Core\Kit;

/** Starting constants of the kit. Each is this team's estimate unless a source stands beside it. */
final readonly class Defaults
{
    public const MOST_PIECES = 999;

    public const LONGEST_NAME = 40;

    public const MOST_COLOURS = 12;

    public const MOST_GRAMS = 5000;

    public const MOST_MILLIMETRES = 400;

    public const MOST_REPETITIONS = 30;

    /** CIEDE2000 within which one paint is as good as the other to a child. Team's estimate. */
    public const SAME_COLOUR_WITHIN = 8.0;

    /** CIEDE2000 within which a paint is worth offering instead. Team's estimate. */
    public const OFFERED_WITHIN = 25.0;

    /** Less than this is a handful of faces. Team's estimate. */
    public const LOW_GRAMS = 5;

    /** Put down and take up a tool that lies ready. Team's estimate. */
    public const PICK_UP_SECONDS = 2.0;

    /** Swirl it in the cake until it carries enough: two or three pulls, some 2 s (common practice, no source). */
    public const LOAD_SECONDS = 2.0;

    /** Rinse a brush until it carries a lighter colour cleanly, and press it out. Team's estimate. */
    public const RINSE_SECONDS = 10.0;

    /** A rinse before a darker colour need not be as clean. Team's estimate. */
    public const RINSE_TO_DARKER_SHARE = 0.5;

    /** Same sponge, a clean side. Team's estimate. */
    public const TURN_SECONDS = 3.0;

    /** Lay a stencil and hold it flat. Team's estimate. */
    public const PLACE_STENCIL_SECONDS = 8.0;

    /** Open a pot or pouch of glitter or gems. Team's estimate. */
    public const POUCH_SECONDS = 5.0;

    /** Wipe fingers after glitter or gems before a brush is held again. Team's estimate. */
    public const HAND_WIPE_SECONDS = 4.0;

    /** With the half black, half white cake in the hand, the brush has only half the way. Team's estimate. */
    public const CAKE_IN_HAND_SHARE = 0.5;

    /** Paint one row of a single colour onto a sponge, where there is no split cake. Team's estimate. */
    public const ROW_SECONDS = 5;

    /** A texture dotted freehand, against the stencil that is missing. Team's estimate. */
    public const FREEHAND_FACTOR = 1.6;
}
