<?php

declare(strict_types=1);

namespace Core\Surface;

use Core\Colour\Load;
use Core\Colour\PaintKind;
use Core\Design\Medium;
use Core\Units\Duration;

/** How films dry today: at a constant rate, which weather or a touch test sets. */
final readonly class Drying
{
    /**
     * @param  float  $factor  of the reference rate, bound to Defaults::LEAST_FACTOR and MOST_FACTOR
     * @param  float  $waxSeconds  until a usual brush load is dry at the reference
     * @param  float  $glycerineSeconds  the same of soft paint and split cakes
     */
    private function __construct(
        public float $factor,
        public DryingBasis $basis,
        private float $waxSeconds = Defaults::WAX_SECONDS,
        private float $glycerineSeconds = Defaults::GLYCERINE_SECONDS,
    ) {}

    public static function in(Weather $weather): self
    {
        return new self($weather->dryingFactor(), $weather->isReference() ? DryingBasis::Reference : DryingBasis::Weather);
    }

    public static function atReference(): self
    {
        return new self(1.0, DryingBasis::Reference);
    }

    /** As a touch test found it. */
    public static function atFactor(float $factor, DryingBasis $basis = DryingBasis::TouchTest): self
    {
        return new self(min(Defaults::MOST_FACTOR, max(Defaults::LEAST_FACTOR, $factor)), $basis);
    }

    /** As the painter goes on over it: so many times faster, where nothing had to be mended. */
    public function goneOn(float $share): self
    {
        return new self(min(Defaults::MOST_FACTOR, $this->factor * $share), DryingBasis::Work, $this->waxSeconds, $this->glycerineSeconds);
    }

    /** The same air, with paints of the painter's own. */
    public function ofPaints(float $waxSeconds, float $glycerineSeconds): self
    {
        return new self($this->factor, $this->basis, $waxSeconds, $glycerineSeconds);
    }

    /**
     * Fits the day's factor from a dabbed swatch: one usual brush load of that paint, tapped when it turned tacky and when
     * it was dry. Both taps count alike: the factor is the least-squares one for the moisture that must be gone by then.
     *
     * @param  Duration  $tacky  since the dab; longer than nothing
     * @param  Duration  $dry  since the dab
     */
    public static function fromTouchTest(PaintKind $kind, Duration $tacky, Duration $dry): self
    {
        $gone = [Defaults::NORMAL_MOISTURE - Defaults::WET_ABOVE, Defaults::NORMAL_MOISTURE - Defaults::DRY_UP_TO];
        [$first, $second] = [$tacky->seconds(), $dry->seconds()];
        $rate = ($gone[0] * $first + $gone[1] * $second) / max(1e-9, $first ** 2 + $second ** 2);

        return self::atFactor($rate / self::atReference()->referenceRate($kind));
    }

    /**
     * The film of a step. Each coat dries while the next is painted.
     *
     * @param  bool  $isThin  whether it is line work, which lays less
     * @param  Duration  $painting  how long all coats take together
     */
    public function film(PaintKind $kind, Medium $medium, Load $load, int $coats, Duration $painting, bool $isThin = false): Film
    {
        $rate = $this->referenceRate($kind) * $this->factor;
        $coat = self::coat($medium, $load) * ($isThin ? Defaults::THIN_SHARE : 1.0);
        $between = $painting->seconds() / max(1, $coats);
        $moisture = 0.0;
        for ($laid = 0; $laid < $coats; $laid++) {
            $moisture = max(0.0, $moisture - $rate * $between) + $coat;
        }

        return $kind === PaintKind::Powder ? Film::dry() : new Film($moisture, $rate);
    }

    private static function coat(Medium $medium, Load $load): float
    {
        return match ($medium) {
            Medium::Stencil => Defaults::STENCIL_MOISTURE,
            Medium::Sponge => self::moisture($load) * Defaults::SPONGE_SHARE,
            default => self::moisture($load),
        };
    }

    /** Moisture a second at the reference. */
    private function referenceRate(PaintKind $kind): float
    {
        return 1.0 / ($kind === PaintKind::Wax ? $this->waxSeconds : $this->glycerineSeconds);
    }

    private static function moisture(Load $load): float
    {
        return match ($load) {
            Load::Damp => Defaults::DAMP_MOISTURE,
            Load::Normal => Defaults::NORMAL_MOISTURE,
            Load::Liquid => Defaults::LIQUID_MOISTURE,
        };
    }
}
