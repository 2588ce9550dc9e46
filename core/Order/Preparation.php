<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Colour\Defaults as ColourDefaults;
use Core\Colour\Lab;
use Core\Colour\LinearRgb;
use Core\Colour\Paint;
use Core\Colour\Sight;
use Core\Colour\Word;
use Core\Design\Colour;
use Core\Design\Design;
use Core\Design\Medium;
use Core\Design\Side;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Design\Zone;
use Core\Kit\Finish;
use Core\Kit\Item;
use Core\Kit\PaintKind;
use Core\Surface\Film;
use Core\Units\Duration;

/** What is known of a design's steps before they have an order. Steps are named by their place in the design. */
final readonly class Preparation
{
    /** @var list<Step> */
    public array $steps;

    /** @var list<Layer> */
    public array $layers;

    /** @var list<int> bits of the places on the skin, two sides each */
    public array $places;

    /** @var list<Duration> */
    public array $durations;

    /** @var list<Film|null> null where nothing wet is laid */
    public array $films;

    /** @var list<Item|null> the cake of the first colour */
    public array $cakes;

    /** @var list<Lab|null> of the first colour */
    public array $labs;

    /** @var list<Paint|null> of the first colour */
    private array $paints;

    /** @var list<string> which steps lay the same paint in the same way */
    private array $ways;

    /** @var array<string, LinearRgb> what a stroke turns on a film just laid, by the ways of both, where it turns */
    private array $turned;

    public function __construct(public Design $design, public Circumstances $circumstances)
    {
        $this->steps = $design->steps;
        $this->layers = array_map(Layer::of(...), $design->steps);
        $this->places = array_map(self::bits(...), $design->steps);
        $this->durations = array_map(static fn (Step $step): Duration => $circumstances->times->of($step)->duration, $design->steps);
        $this->cakes = array_map($this->cake(...), $design->steps);
        $this->films = array_map($this->film(...), $design->steps, array_keys($design->steps));
        $this->labs = array_map(static fn (Step $step): ?Lab => $step->colours === [] ? null : Lab::ofHex($step->colours[0]->hex), $design->steps);
        $this->paints = array_map(fn (Step $step, int $at): ?Paint => $step->colours === [] ? null : $this->paint($at), $design->steps, array_keys($design->steps));
        $this->ways = array_map($this->way(...), $design->steps, array_keys($design->steps));
        $this->turned = $this->turnedOnWet();
    }

    public function name(int $step): string
    {
        return $this->steps[$step]->name;
    }

    public function touch(int $one, int $other): bool
    {
        return ($this->places[$one] & $this->places[$other]) !== 0;
    }

    /**
     * Pairs of steps that touch each other, each pair in both directions.
     *
     * @return iterable<array{int, int}>
     */
    public function touching(): iterable
    {
        foreach ($this->places as $one => $places) {
            foreach ($this->places as $other => $others) {
                if ($one !== $other && ($places & $others) !== 0) {
                    yield [$one, $other];
                }
            }
        }
    }

    public function isPale(int $step): bool
    {
        return ($this->labs[$step]->lightness ?? 0.0) >= ColourDefaults::PALE_LIGHTNESS;
    }

    public function isDark(int $step): bool
    {
        return $this->labs[$step] !== null && $this->labs[$step]->lightness < ColourDefaults::DARK_LIGHTNESS;
    }

    /** Strong colours stain: far from grey, or dark. */
    public function isStrong(int $step): bool
    {
        return ($this->labs[$step]?->chroma() ?? 0.0) >= ColourDefaults::STRONG_CHROMA;
    }

    public function isWax(int $step): bool
    {
        return $this->paintKind($step) === PaintKind::Wax;
    }

    public function paintKind(int $step): PaintKind
    {
        $cake = $this->cakes[$step];

        return match (true) {
            $this->steps[$step]->medium === Medium::Powder => PaintKind::Powder,
            count($this->steps[$step]->colours) > 1 => PaintKind::Split,
            default => $cake->paintKind ?? PaintKind::Wax,
        };
    }

    /** The paint of one of a step's colours, as this step loads it. */
    public function paint(int $step, int $colour = 0): Paint
    {
        $finish = $this->cakes[$step]->finish ?? Finish::Regular;

        return Paint::fromCake($this->steps[$step]->colours[$colour]->hex, $finish, $this->paintKind($step), $this->steps[$step]->load);
    }

    /** The base that a step lies on if it is painted as it was typed: the last one before it that touches it. */
    public function baseUnder(int $step): ?int
    {
        for ($under = $step - 1; $under >= 0; $under--) {
            if ($this->layers[$under] === Layer::Base && $this->films[$under] !== null && $this->touch($under, $step)) {
                return $under;
            }
        }

        return null;
    }

    /** Whether a step lies on the wet film of another one in any order that is allowed: as typed, or as the craft wants it. */
    public function liesOn(int $step, int $film): bool
    {
        if ($this->films[$film] === null || ! $this->layers[$film]->covers() || ! $this->touch($step, $film)) {
            return false;
        }
        $byCraft = $this->layers[$step]->isFine() && ($this->isBase($film) || $this->layers[$film] === Layer::Texture);

        return $film < $step || $byCraft;
    }

    /** How long after a step its film is no longer wet; nothing where it lays none. */
    public function tackyAfter(int $step): Duration
    {
        return $this->films[$step]?->tackyAfter() ?? Duration::zero();
    }

    public function dryAfter(int $step): Duration
    {
        return $this->films[$step]?->dryAfter() ?? Duration::zero();
    }

    /** Whether a stroke takes up so much of a film just laid that its colour is another. */
    public function turnsOnWet(int $stroke, int $film): bool
    {
        return isset($this->turned["{$this->ways[$stroke]} {$this->ways[$film]}"]);
    }

    /** What it turns, in a word. */
    public function turned(int $stroke, int $film): string
    {
        $meant = LinearRgb::ofHex($this->steps[$stroke]->colours[0]->hex);
        $seen = $this->onWet($stroke, $film);
        $word = Word::of($seen);

        return match (true) {
            $word !== Word::of($meant) => $word,
            $seen->luminance() > $meant->luminance() => "a paler {$word}",
            default => "a darker {$word}",
        };
    }

    private function onWet(int $stroke, int $film): LinearRgb
    {
        return $this->turned["{$this->ways[$stroke]} {$this->ways[$film]}"] ?? LinearRgb::ofHex($this->steps[$stroke]->colours[0]->hex);
    }

    /** @return array<string, LinearRgb> of the ways in which strokes are laid on films, those that turn */
    private function turnedOnWet(): array
    {
        $found = [];
        $strokes = array_filter(array_flip($this->ways), fn (int $at): bool => $this->paints[$at] !== null);
        foreach ($strokes as $way => $stroke) {
            foreach ($strokes as $other => $film) {
                $below = $this->paints[$film];
                $paint = $this->paints[$stroke];
                $seen = $below === null || $paint === null || $way === $other
                    ? null
                    : Sight::pickedUp($paint, $below, $this->steps[$stroke]->load, 1.0)->over($below->thick());
                if ($seen !== null && Sight::hasTurned($seen, LinearRgb::ofHex($this->steps[$stroke]->colours[0]->hex))) {
                    $found["{$way} {$other}"] = $seen;
                }
            }
        }

        return $found;
    }

    /** Steps of one way lay the same paint with as much water. */
    private function way(Step $step, int $at): string
    {
        $finish = $this->cakes[$at]->finish->value ?? '';

        return $step->colours === [] ? '' : "{$step->colours[0]->hex}{$finish}{$this->paintKind($at)->value}{$step->load->value}";
    }

    /** A soft inlay: one colour worked into a base that lies there already, such as a blush. */
    public function isInlay(int $step): bool
    {
        $one = $this->steps[$step];

        return $one->technique === Technique::Blend && count($one->colours) === 1 && $this->baseUnder($step) !== null;
    }

    /** A base proper, which everything else lies upon. */
    public function isBase(int $step): bool
    {
        return $this->layers[$step] === Layer::Base && ! $this->isInlay($step);
    }

    /** Dots, starbursts and pale tears that make a face sparkle. */
    public function isHighlight(int $step): bool
    {
        $technique = $this->steps[$step]->technique;

        return $technique === Technique::Starburst
            || (($technique === Technique::Dots || $technique === Technique::Teardrop) && $this->isPale($step));
    }

    /** @return list<Zone> */
    public static function shared(Step $one, Step $other): array
    {
        return array_values(array_filter($one->zones, static fn (Zone $zone): bool => in_array($zone, $other->zones, true)));
    }

    public static function bits(Step $step): int
    {
        $sides = match ($step->side) {
            Side::Left => 1,
            Side::Right => 2,
            Side::Both, Side::Centre => 3,
        };

        return array_reduce(
            $step->zones,
            static fn (int $bits, Zone $zone): int => $bits | ($zone->isOnMiddleLine() ? 3 : $sides) << 2 * self::number($zone),
            0,
        );
    }

    /** Its number among the 30, which with two sides each are as many as the bits of an integer tell apart. */
    private static function number(Zone $zone): int
    {
        return (int) array_search($zone, Zone::cases(), true);
    }

    private function cake(Step $step): ?Item
    {
        $colour = $step->colours[0] ?? null;

        return $colour === null ? null : $this->circumstances->kit->paintOf($colour);
    }

    private function film(Step $step, int $at): ?Film
    {
        $isLaid = $step->colours !== [] && $step->medium->isPaintedOn();

        return $isLaid
            ? $this->circumstances->drying->film($this->paintKind($at), $step->medium, $step->load, $step->coats, $this->durations[$at])
            : null;
    }
}
