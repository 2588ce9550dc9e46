<?php

declare(strict_types=1);

namespace Core\Design;

use Core\Units\Duration;

/** Seconds between two consecutive steps: what the hands do while nothing is painted. */
final readonly class ChangeoverMatrix
{
    private function __construct() {}

    /** The team's estimates of Defaults, until a painter's own bench times replace them. */
    public static function starting(): self
    {
        return new self;
    }

    /** The first step of a face costs nothing: its tool lies loaded on the table. */
    public function between(?Step $from, Step $to): Duration
    {
        if ($from === null) {
            return Duration::zero();
        }

        return Duration::ofSeconds($this->handWipeSeconds($from, $to) + $this->toolSeconds($from, $to));
    }

    private function handWipeSeconds(Step $from, Step $to): int
    {
        return ! $from->medium->isPaintedOn() && $to->medium->isPaintedOn() ? Defaults::HAND_WIPE_SECONDS : 0;
    }

    private function toolSeconds(Step $from, Step $to): int
    {
        if ($from->medium !== $to->medium) {
            return $this->newMediumSeconds($to->medium);
        }
        if ($this->toolName($from) !== $this->toolName($to)) {
            return $this->newMediumSeconds($to->medium);
        }

        return $to->usesColoursOf($from) ? 0 : $this->newColourSeconds($from, $to);
    }

    private function newMediumSeconds(Medium $medium): int
    {
        return match ($medium) {
            Medium::Stencil => Defaults::STENCIL_PLACE_SECONDS,
            Medium::Glitter, Medium::Gem => Defaults::POUCH_SECONDS,
            Medium::Sponge, Medium::Brush, Medium::Powder => Defaults::PICK_UP_SECONDS,
        };
    }

    private function newColourSeconds(Step $from, Step $to): int
    {
        if ($to->medium !== Medium::Brush) {
            return $to->medium->isPaintedOn() ? Defaults::SPONGE_TURN_SECONDS : Defaults::POUCH_SECONDS;
        }

        return $this->lightest($to) > $this->lightest($from)
            ? Defaults::RINSE_TO_LIGHTER_SECONDS
            : Defaults::RINSE_TO_DARKER_SECONDS;
    }

    private function toolName(Step $step): string
    {
        return mb_strtolower(trim($step->tool));
    }

    private function lightest(Step $step): float
    {
        return array_reduce(
            $step->colours,
            static fn (float $most, Colour $colour): float => max($most, $colour->luminance()),
            0.0,
        );
    }
}
