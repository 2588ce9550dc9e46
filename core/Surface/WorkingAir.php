<?php

declare(strict_types=1);

namespace Core\Surface;

use Core\Colour\Load;
use Core\Colour\PaintKind;
use Core\Design\Medium;
use Core\Units\Duration;

/** What the air of a day does to the paint, and what a painter does about it. */
final readonly class WorkingAir
{
    private function __construct(public Weather $weather, public Duration $baseDry, public Duration $lineDry) {}

    public static function in(Weather $weather): self
    {
        $drying = Drying::in($weather);
        $dry = static fn (Medium $medium, Load $load, bool $isThin): Duration => $drying
            ->film(kind: PaintKind::Wax, medium: $medium, load: $load, coats: 1, painting: Duration::zero(), isThin: $isThin)->dryAfter();

        return new self($weather, $dry(Medium::Sponge, Load::Normal, false), $dry(Medium::Brush, Load::Normal, true));
    }

    /** Paint dries so fast that a blend cannot be taken back. */
    public function isQuick(): bool
    {
        return $this->weather->dryingFactor() >= Defaults::QUICK_FACTOR;
    }

    /** Paint stays wet so long that lines smear. */
    public function isSlow(): bool
    {
        return $this->weather->dryingFactor() <= Defaults::SLOW_FACTOR;
    }

    /** Soft paint draws water out of the air. */
    public function isSticky(): bool
    {
        return $this->weather->humidity >= Defaults::STICKY_HUMIDITY && $this->weather->celsius >= Defaults::STICKY_CELSIUS;
    }

    /** Such as "31 °C and 26 % humid: bases dry in 0:12. Spritz often, blend in small parts." */
    public function says(): string
    {
        $facts = sprintf(
            '%g °C, %g %% humid%s: bases dry in %s',
            round($this->weather->celsius),
            round($this->weather->humidity),
            $this->weather->wind >= Defaults::WINDY ? sprintf(', wind %g m/s', round($this->weather->wind)) : '',
            $this->baseDry->format(),
        );

        return $facts.match (true) {
            $this->isQuick() => '. Spritz often and blend in small parts.',
            $this->isSticky() => '. Soft cakes go sticky: dip the brush more often, and take wax for lines.',
            $this->isSlow() => '. Press the sponge out well, and leave lines until the base is dry.',
            default => ', as usual.',
        };
    }
}
