<?php

declare(strict_types=1);

namespace Core\Colour;

/**
 * What a paint does to light, by the two-constant theory of Kubelka and Munk in each linear channel: it absorbs (K) and
 * scatters (S). A coat has a thickness X; only the products with it count.
 *
 * Source: P. Kubelka, F. Munk, "Ein Beitrag zur Optik der Farbanstriche" (1931); finite layers in the hyperbolic form of
 * P. Kubelka, J. Opt. Soc. Am. 38 (1948); mixtures by Duncan's additivity of K and S.
 */
final readonly class Paint
{
    /**
     * @param  LinearRgb  $absorption  K in each channel, for S of 1
     * @param  float  $cover  S times the thickness of one coat
     */
    private function __construct(public LinearRgb $absorption, public float $cover) {}

    /** The paint whose thick film looks as given. */
    public static function of(LinearRgb $thick, float $cover): self
    {
        $quotient = static function (float $reflectance): float {
            $r = min(Defaults::MOST_REFLECTANCE, max(Defaults::LEAST_REFLECTANCE, $reflectance));

            return (1 - $r) ** 2 / (2 * $r);
        };

        return new self(new LinearRgb($quotient($thick->red), $quotient($thick->green), $quotient($thick->blue)), $cover);
    }

    public static function fromCake(string $hex, Finish $finish, PaintKind $kind, Load $load): self
    {
        $finished = match ($finish) {
            Finish::Regular => Defaults::COVER_REGULAR,
            Finish::Pearl => Defaults::COVER_PEARL,
            Finish::Metallic => Defaults::COVER_METALLIC,
            Finish::Neon => Defaults::COVER_NEON,
        };
        $laid = match ($load) {
            Load::Damp => Defaults::DAMP_SHARE,
            Load::Normal => 1.0,
            Load::Liquid => Defaults::LIQUID_SHARE,
        };

        return self::of(LinearRgb::ofHex($hex), $finished * $laid * ($kind === PaintKind::Wax ? 1.0 : Defaults::GLYCERINE_SHARE));
    }

    /** What a film so thick that nothing shines through looks like. */
    public function thick(): LinearRgb
    {
        $reflectance = static fn (float $k): float => 1 + $k - sqrt($k * ($k + 2));

        return new LinearRgb(
            $reflectance($this->absorption->red),
            $reflectance($this->absorption->green),
            $reflectance($this->absorption->blue),
        );
    }

    /** What so many coats look like over a ground. */
    public function over(LinearRgb $ground, float $coats = 1): LinearRgb
    {
        $sx = $this->cover * $coats;

        return $this->absorption->joined($ground, static fn (float $k, float $below): float => self::reflectance($k, $sx, $below));
    }

    /**
     * The two stirred together: K and S add up by volume.
     *
     * @param  float  $share  of the other, 0 to 1
     */
    public function mixedWith(self $other, float $share): self
    {
        [$own, $theirs] = [$this->cover * (1 - $share), $other->cover * $share];
        $cover = $own + $theirs;

        return new self(
            $this->absorption->joined($other->absorption, static fn (float $k, float $l): float => ($k * $own + $l * $theirs) / $cover),
            $cover,
        );
    }

    /** Kubelka (1948): R = (1 - Rg (a - b coth bSX)) / (a - Rg + b coth bSX), with a = 1 + K/S and b = sqrt(a^2 - 1). */
    private static function reflectance(float $k, float $sx, float $ground): float
    {
        if ($sx <= 0.0) {
            return $ground;
        }
        $a = 1 + $k;
        $b = sqrt($a * $a - 1);
        if ($b < 1e-9) {
            return ($ground + (1 - $ground) * $sx) / (1 + (1 - $ground) * $sx);
        }
        $bCoth = $b / tanh($b * $sx);

        return (1 - $ground * ($a - $bCoth)) / ($a - $ground + $bCoth);
    }
}
