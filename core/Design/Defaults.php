<?php

declare(strict_types=1);

namespace Core\Design;

use Core\Units\Duration;

/** Starting constants of designs and changeovers. Each is this team's estimate unless a source stands beside it. */
final readonly class Defaults
{
    /** Team's estimate: longer lists are several designs. */
    public const MOST_STEPS = 120;

    /** Team's estimate: "white over red takes two coats, perhaps three" (common practice, no source), doubled for safety. */
    public const MOST_COATS = 6;

    /** Same tool, next colour on a sponge: turn it to a clean side. Team's estimate. */
    public const SPONGE_TURN_SECONDS = 3;

    /** Another tool of the same medium: put down, pick up, load. Team's estimate. */
    public const PICK_UP_SECONDS = 6;

    /** Same brush into a darker colour: a quick rinse and a load. Team's estimate. */
    public const RINSE_TO_DARKER_SECONDS = 9;

    /** Same brush into a lighter colour: rinse until clean, press out, load. Team's estimate. */
    public const RINSE_TO_LIGHTER_SECONDS = 14;

    /** Lay a stencil and hold it flat. Team's estimate. */
    public const STENCIL_PLACE_SECONDS = 8;

    /** Open a pot or pouch of glitter or gems. Team's estimate. */
    public const POUCH_SECONDS = 5;

    /** Wipe fingers after glitter or gems before a brush is held again. Team's estimate. */
    public const HAND_WIPE_SECONDS = 4;

    public static function longestStep(): Duration
    {
        return Duration::ofMinutes(60);
    }
}
