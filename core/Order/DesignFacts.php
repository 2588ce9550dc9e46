<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Colour\Defaults as ColourDefaults;
use Core\Colour\Difference;
use Core\Colour\Finish;
use Core\Colour\Lab;
use Core\Colour\LinearRgb;
use Core\Colour\Load;
use Core\Colour\Paint;
use Core\Colour\PaintKind;
use Core\Colour\Sight;
use Core\Colour\Word;
use Core\Design\Colour;
use Core\Design\Design;
use Core\Design\Medium;
use Core\Design\NameSays;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Kit\Item;
use Core\Surface\Film;
use Core\Timeline\HandTimes;
use Core\Timeline\StepTime;
use Core\Units\Duration;

/** What is known of a design's steps before they have an order. Steps are named by their place in the design. */
final readonly class DesignFacts
{
    /** Highlights that one mark below them may carry. Team's estimate. */
    private const SPARKLES_A_MARK = 2;

    /** @var list<Step> */
    public array $steps;

    /** @var list<Layer> */
    public array $layers;

    /** @var list<SkinPlaces> */
    public array $places;

    public HandTimes $hands;

    /** @var list<array{int, int}> each film with each later step that lies on it and is not of its own colour */
    public array $lying;

    private SameThing $relation;

    /** @var list<Duration> on the skin, by place */
    public array $durations;

    /** @var list<Film|null> null where nothing wet is laid */
    public array $films;

    /** @var list<Item|null> the cake of the first colour */
    public array $cakes;

    /** @var list<Lab|null> of the first colour */
    public array $labs;

    /**
     * @param  HandTimes|null  $hands  where the steps were timed in another design; as typed in this one where it is left out
     * @param  list<TypedWait>  $waits  that were typed as steps, and are none of the design's any more
     */
    public function __construct(
        public Design $design,
        public Circumstances $circumstances,
        ?HandTimes $hands = null,
        public array $waits = [],
    ) {
        $this->steps = $design->steps;
        $this->layers = array_map(Layer::of(...), $design->steps);
        $this->places = array_map(SkinPlaces::of(...), $design->steps);
        $this->hands = $hands ?? HandTimes::of($design->steps, $circumstances->changeovers, $circumstances->times);
        $this->durations = array_map(static fn (StepTime $time): Duration => $time->duration, $this->hands->painting);
        $this->cakes = array_map($this->cake(...), $design->steps);
        $this->films = array_map($this->film(...), $design->steps, array_keys($design->steps));
        $this->labs = array_map(
            static fn (Step $step): ?Lab => $step->colours === [] ? null : Lab::ofHex($step->colours[0]->hex),
            $design->steps,
        );
        $this->relation = new SameThing($design->steps);
        $this->lying = $this->pairsThatLie();
    }

    public function name(int $step): string
    {
        return $this->steps[$step]->name;
    }

    public function touch(int $one, int $other): bool
    {
        return $this->places[$one]->meet($this->places[$other]) && ! $this->standsBeside($one, $other);
    }

    /** Whether one of them is placed above, below or beside the figure that the other one is: they share a place and never meet. */
    private function standsBeside(int $one, int $other): bool
    {
        foreach ([[$one, $other], [$other, $one]] as [$mark, $figure]) {
            $by = $this->steps[$mark]->mark->figure();
            if ($by !== null && ! $by->place->isUpon() && $by->shape === $this->steps[$figure]->mark->shape) {
                return true;
            }
        }

        return false;
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
                if ($one !== $other && $places->meet($others) && ! $this->standsBeside($one, $other)) {
                    yield [$one, $other];
                }
            }
        }
    }

    /** @return list<array{int, int}> */
    private function pairsThatLie(): array
    {
        $pairs = [];
        foreach ($this->touching() as [$film, $step]) {
            if ($film < $step && $this->films[$step] !== null && $this->liesOn($step, $film) && $this->areApart($film, $step)) {
                $pairs[] = [$film, $step];
            }
        }

        return $pairs;
    }

    /**
     * How long painters let a film be before a shape or a pale line goes on it: until it is nearly dry, or for
     * Defaults::LONGEST_WAIT_SECONDS.
     */
    public function waitedFor(int $film): Duration
    {
        $longest = Duration::ofSeconds(Defaults::LONGEST_WAIT_SECONDS);
        $nearlyDry = $this->nearlyDryAfter($film);

        return $nearlyDry->isLongerThan($longest) ? $longest : $nearlyDry;
    }

    public function isPalerThan(int $one, int $other): bool
    {
        return ($this->labs[$one]->lightness ?? 0.0) > ($this->labs[$other]->lightness ?? 0.0);
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

    /** A red that shines through what is laid over it. */
    public function isRed(int $step): bool
    {
        return ($this->labs[$step]->a ?? 0.0) >= ColourDefaults::RED_FROM;
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

    /** What a step lies on if it is painted as it was typed: the last film before it that touches it and covers its place. */
    public function groundUnder(int $step): ?int
    {
        for ($under = $step - 1; $under >= 0; $under--) {
            if ($this->films[$under] !== null && $this->covers($under) && $this->touch($under, $step)) {
                return $under;
            }
        }

        return null;
    }

    /**
     * Whether a step lies on the film of an earlier one, as it was typed. A base lies under all that comes; of two figures in one
     * place nobody knows that they meet, unless they are of one thing.
     */
    public function liesOn(int $step, int $film): bool
    {
        if ($film > $step || $this->films[$film] === null || ! $this->touch($step, $film) || $this->goesRound($step, $film)) {
            return false;
        }
        $isSame = $this->relation->between($step, $film);
        if ($this->isHighlight($step)) {
            return $this->isGround($film)
                || (($isSame || $this->shinesOn($step, $film)) && ($this->covers($film) || $this->carriesSparkle($film, $step)));
        }

        return $this->covers($film)
            && ($isSame || $this->standsOn($step, $film) || $this->isGround($film)
                || ($this->isPart($step) && $this->isOnlyFigureUnder($step, $film)));
    }

    /** Whether it is placed on the figure that the other one is. */
    private function standsOn(int $step, int $film): bool
    {
        $by = $this->steps[$step]->mark->figure();

        return $by !== null && $by->place->isUpon() && $by->shape === $this->steps[$film]->mark->shape;
    }

    /** A ground laid after a figure is painted round it, and tidies its edge (common practice, no source). */
    private function goesRound(int $step, int $film): bool
    {
        return $this->isGround($step) && ! $this->isGround($film) && ! $this->isWorkedIn($step);
    }

    /** A field of paint that all else in its place lies upon. */
    private function isGround(int $film): bool
    {
        return $this->covers($film) && ($this->layers[$film] !== Layer::Shape
            || ($this->steps[$film]->mark->shape === null && array_sum(array_map(
                static fn (Zone $zone): float => $zone->area(),
                $this->steps[$film]->zones,
            )) > Defaults::BASE_AREA));
    }

    /** A highlight shines on what was painted last in its place. */
    private function shinesOn(int $step, int $film): bool
    {
        if (! SameThing::shines($this->steps[$step])) {
            return false;
        }
        for ($between = $film + 1; $between < $step; $between++) {
            if ($this->covers($between) && $this->films[$between] !== null && $this->touch($between, $step)) {
                return false;
            }
        }

        return true;
    }

    /** Bands, stripes, eyes, teeth: what is painted on a figure rather than beside it. */
    private function isPart(int $step): bool
    {
        $shape = $this->steps[$step]->mark->shape;

        return $this->steps[$step]->technique === Technique::Stripe
            || ($this->steps[$step]->technique === Technique::Fill && ($shape === null || $shape->isPart()));
    }

    private function isOnlyFigureUnder(int $step, int $film): bool
    {
        for ($other = 0; $other < $step; $other++) {
            if ($other !== $film && $this->layers[$other] === Layer::Shape && $this->covers($other) && $this->touch($other, $step)) {
                return false;
            }
        }

        return true;
    }

    /** Whether so much of its place lies under it that what comes next lies on it; petals, leaves and lines leave most of it bare. */
    public function covers(int $step): bool
    {
        return $this->layers[$step]->covers()
            && ($this->layers[$step] !== Layer::Shape || $this->steps[$step]->technique === Technique::Fill);
    }

    /** How much of a step's place another one covers, 0 to 1: what hides or carries it covers most of it. */
    public function coveredShare(int $step, int $by): float
    {
        $sides = static fn (Step $one): int => $one->side === Side::Both || $one->side === Side::Centre ? 2 : 1;
        $area = static fn (Zone ...$zones): float => array_sum(array_map(static fn (Zone $zone): float => $zone->area(), $zones));
        $all = $area(...$this->steps[$step]->zones);

        return $all <= 0.0 ? 0.0 : $area(...self::shared($this->steps[$step], $this->steps[$by])) / $all * min(
            1.0,
            $sides($this->steps[$by]) / $sides($this->steps[$step]),
        );
    }

    /** Whether another step hides most of what a step has painted. */
    public function isHiddenBy(int $step, int $by): bool
    {
        return $this->coveredShare($step, $by) > Defaults::MOST_OF_IT;
    }

    /** Dots on dots, tears on stripes, a glint in an eye; lines are too thin to carry any. */
    private function carriesSparkle(int $film, int $step): bool
    {
        $isBroad = match ($this->steps[$film]->technique) {
            Technique::Dots, Technique::Stripe, Technique::Teardrop => true,
            default => false,
        };

        return $isBroad && $this->steps[$step]->strokes() <= self::SPARKLES_A_MARK * $this->steps[$film]->strokes();
    }

    /** How long after a step its film no longer lets dots and pale lines bleed; nothing where it lays none. */
    public function nearlyDryAfter(int $step): Duration
    {
        return $this->films[$step]?->nearlyDryAfter() ?? Duration::zero();
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
        return $this->steps[$film]->colours !== [] && Sight::hasTurned($this->onWet($stroke, $film), $this->meant($stroke));
    }

    /** What it turns, in a word. */
    public function turned(int $stroke, int $film): string
    {
        $seen = $this->onWet($stroke, $film);
        $word = Word::of($seen);

        return match (true) {
            $word !== Word::of($this->meant($stroke)) => $word,
            $seen->luminance() > $this->meant($stroke)->luminance() => "a paler {$word}",
            default => "a darker {$word}",
        };
    }

    private function meant(int $stroke): LinearRgb
    {
        return LinearRgb::ofHex($this->steps[$stroke]->colours[0]->hex);
    }

    private function onWet(int $stroke, int $film): LinearRgb
    {
        $below = $this->paint($film);

        return Sight::pickedUp(
            $this->paint($stroke),
            $below,
            $this->steps[$stroke]->load,
            min(1.0, $this->films[$film]->moisture ?? 0.0),
        )->over($below->thick());
    }

    /** Whether one sees that the two are not the same colour: what lies on its own kind never has to wait. */
    public function areApart(int $one, int $other): bool
    {
        $labs = [$this->labs[$one], $this->labs[$other]];

        return $labs[0] !== null && $labs[1] !== null && Difference::between($labs[0], $labs[1]) >= ColourDefaults::OWN_KIND_WITHIN;
    }

    /**
     * One colour worked into what lies there already: a blush, a shade, a texture with what is left in the brush, a softened edge.
     * No base, whatever it is laid with.
     */
    public function isWorkedIn(int $step): bool
    {
        $one = $this->steps[$step];

        return $one->technique === Technique::Blend && count($one->colours) === 1 && $this->groundUnder($step) !== null;
    }

    /** A soft inlay proper, ear pink or cheek blush: a rosy colour worked into a pale ground. */
    public function isInlay(int $step): bool
    {
        $ground = $this->isWorkedIn($step) ? $this->groundUnder($step) : null;
        $lab = $this->labs[$step];

        return $ground !== null && $lab !== null && $this->isPale($ground)
            && $lab->a >= Defaults::ROSY_FROM && abs($lab->b) <= $lab->a && $lab->lightness >= Defaults::ROSY_LIGHTNESS;
    }

    /** A base proper, which everything else lies upon. */
    public function isBase(int $step): bool
    {
        return $this->layers[$step] === Layer::Base && ! $this->isWorkedIn($step);
    }

    /** Lines that lightly mark where things go, with what is on the brush: painted over later on purpose (common practice, no source). */
    public function isMarkedFirst(int $step): bool
    {
        return NameSays::MarksFirst->in($this->steps[$step]->name, $this->steps[$step]->note);
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

    private function cake(Step $step): ?Item
    {
        $colour = $step->colours[0] ?? null;

        return $colour === null ? null : $this->circumstances->kit->paintOf($colour);
    }

    private function film(Step $step, int $at): ?Film
    {
        $isLaid = $step->colours !== [] && $step->medium->isPaintedOn();
        // Nearly liquid paint is right for dots: a drop holds no more water than a usual stroke.
        $load = $step->technique === Technique::Dots && $step->load === Load::Liquid ? Load::Normal : $step->load;

        return $isLaid
            ? $this->circumstances->drying->film(
                kind: $this->paintKind($at),
                medium: $step->medium,
                load: $load,
                coats: $step->coats,
                painting: $this->durations[$at],
                isThin: $step->technique->isThin(),
            )
            : null;
    }
}
