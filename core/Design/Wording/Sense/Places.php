<?php

declare(strict_types=1);

namespace Core\Design\Wording\Sense;

use Core\Design\Colour;
use Core\Design\Medium;
use Core\Design\Place\FigurePart;
use Core\Design\Place\Guide;
use Core\Design\Place\Placement;
use Core\Design\Place\Portion;
use Core\Design\Place\Shape;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Design\Wording\Assumption;
use Core\Design\Wording\Choice;
use Core\Design\Wording\Part;
use Core\Design\Wording\PartKind;
use Core\Design\Wording\Words\Back;
use Core\Design\Wording\Words\Thing;
use Core\Design\Wording\Words\ZoneWords;

/**
 * Where a step goes, on which side and as which shape: as said, as its thing has a place, as the step it speaks of, or where the design is.
 */
final readonly class Places
{
    /** Designs made for one small place are there unless they say otherwise. */
    private const STAYING = [Placement::Cheek, Placement::Eye];

    private const AS_ABOVE = 'as in the line above';

    /** A figure there is small, and its sides are not the child's. */
    private const APART = [Placement::Cheek, Placement::Arm, Placement::Hand];

    /** Glitter is kept away from there unless someone says otherwise: it gets into the eye, and into the mouth. */
    private const NO_GLITTER = [
        Zone::Eyelid->value, Zone::InnerEye->value, Zone::Lips->value, Zone::UpperLip->value, Zone::LowerLip->value,
    ];

    /** Where ears are painted on a face: the child's own are behind them. */
    private const FOR_EARS = [Zone::Forehead, Zone::Hairline, Zone::Temple, Zone::Brow, Zone::BetweenBrows];

    /** Common practice, no source. */
    private const EARS_OF = [
        'bunny' => Shape::LongEar, 'dog' => Shape::FloppyEar, 'elephant' => Shape::FloppyEar, 'sheep' => Shape::FloppyEar, 'bear' => Shape::RoundEar,
        'panda' => Shape::RoundEar, 'koala' => Shape::RoundEar, 'mouse' => Shape::RoundEar, 'monkey' => Shape::RoundEar, 'lion' => Shape::RoundEar,
        'tiger' => Shape::RoundEar, 'seal' => Shape::RoundEar,
    ];

    /** Places with two sides that meet in the middle. */
    private const ACROSS_THE_MIDDLE = [
        Zone::Forehead->value, Zone::Hairline->value, Zone::Muzzle->value, Zone::Neck->value, Zone::BetweenBrows->value,
        Zone::NoseBridge->value, Zone::Chin->value,
    ];

    /**
     * @param  list<Zone>  $zones
     * @param  list<Assumption>  $assumed
     * @param  list<FigurePart>  $ofFigure
     */
    private function __construct(
        public array $zones,
        public Side $side,
        public ?Shape $shape,
        public array $assumed,
        private array $ofFigure = [],
        private bool $isAnEar = false,
        private bool $isInner = false,
    ) {}

    /** Of the usual size: what is inside of an ear is as much smaller. */
    public function sizePercent(): int
    {
        return $this->isInner ? 55 : 100;
    }

    /** Several of a shape are counted; two of it on both sides are one each, and the parts of a figure stand as they do. */
    public function counted(Technique $technique, ?int $count): ?int
    {
        $isEach = ($this->side === Side::Both && $count === 2) || ($this->shape === Shape::Snowflake && $technique === Technique::Line);

        return $technique->isCounted() || ($this->shape !== null && $this->ofFigure === [] && ! $isEach) ? $count : null;
    }

    /** @return list<Guide> which parts of its figure the step paints */
    public function parts(): array
    {
        return [...($this->isAnEar && in_array(Zone::Forehead, $this->zones, true) ? [Guide::portion(Portion::OuterHalf)] : []), ...array_map(Guide::part(...), $this->ofFigure)];
    }

    /**
     * @param  list<Zone>  $spared  that are said not to be painted
     * @return list<Zone> as far as the line says them, "all over" by the placement
     */
    public static function said(Said $said, Context $context, array $spared): array
    {
        $zones = [];
        $parts = $said->all(PartKind::Zone);
        foreach ($parts === [] ? [] : [...$parts, ...self::eyesAmong($said)] as $part) {
            $meant = match (true) {
                is_array($part->value) => $part->value,
                $part->value instanceof Thing => $part->value->zones,
                default => [],
            };
            foreach ($meant === [] ? self::everywhere($said, $context) : $meant as $zone) {
                if ($zone instanceof Zone && $context->placement->has($zone)) {
                    $zones[$zone->value] = $zone;
                }
            }
        }
        $zones = self::withNoseTip($zones, $said);
        $left = array_diff_key($zones, array_fill_keys(array_column($spared, 'value'), true));

        return array_values($left === [] ? $zones : $left);
    }

    /**
     * @param  list<Zone>  $zones  as said
     * @param  Said|null  $how  the words of the name in front, where they tell how it is painted
     * @param  Said  $all  with the words that speak of steps above
     * @param  Said|null  $hints  the words of the name in front
     */
    public static function of(
        array $zones,
        Said $said,
        ?Said $how,
        Said $all,
        ?Said $hints,
        References $references,
        Context $context,
        Painted $painted,
    ): self {
        if ($painted->technique->needsNoZone() && $zones === []) {
            return new self([], Side::Centre, null, []);
        }
        $ears = self::ears($zones, $said, $hints, $context, $painted);
        if ($ears !== null) {
            return $ears;
        }
        $thing = Painted::thing($said, $context) ?? ($how === null ? null : Painted::thing($how, $context));
        $zoned = self::zones(
            zones: $zones,
            thing: $thing?->hasPlace() === true ? $thing : self::placed($said) ?? $thing,
            all: $all,
            hints: $hints,
            references: $references,
            context: $context,
            painted: $painted,
        );
        $shape = self::shape($said, $thing, $references, $painted);
        if ($shape === Shape::EyePatch && array_filter($zoned->value, static fn (Zone $zone): bool => ! $zone->isEye()) === []) {
            $zoned = new Assumed([Zone::EyeSocket], $zoned->assumption);
        }
        if ($shape !== null && $shape === $context->drawn()->shape && self::isPart($thing) && in_array($context->placement, self::APART, true)) {
            return self::onFigure($shape, $zones, $zoned, $said, $how, $context);
        }
        $sided = self::isOneInTheMiddle($said, $shape, $zoned->value) || self::isOnOneInTheMiddle($references, $shape)
            ? new Assumed(self::saidSide($all) ?? Side::Centre)
            : self::side(
                zones: $zoned->value,
                all: $all,
                hints: $hints,
                references: $references,
                context: $context,
                isAsAbove: $zoned->assumption?->because === self::AS_ABOVE,
            );

        return new self(
            $zoned->value,
            $sided->value,
            $shape,
            array_values(array_filter([$zoned->assumption, $sided->assumption])),
            $shape === null ? [] : self::partsOf($shape, [...$said->all(PartKind::Thing), ...($how?->all(PartKind::Thing) ?? [])]),
        );
    }

    /**
     * The ears of an animal that the face is painted as: drawn on the forehead, and not the child's own.
     *
     * @param  list<Zone>  $zones  as said
     */
    private static function ears(array $zones, Said $said, ?Said $hints, Context $context, Painted $painted): ?self
    {
        $spoken = array_column([...$said->all(PartKind::Zone), ...($hints?->all(PartKind::Zone) ?? [])], 'spoken');
        $isEar = array_filter($spoken, static fn (string $words): bool => preg_match('/\bears?$/', $words) === 1) !== [];
        if (! $isEar || ! $painted->medium->isPaintedOn() || ! in_array($context->placement, [Placement::FullFace, Placement::Mask], true)) {
            return null;
        }
        $shape = self::earShape($said, $context);
        $before = $shape === null ? self::earsAbove($context) : ($context->lastOf($shape) ?? self::earsAbove($context));
        $placed = array_values(array_filter($zones, static fn (Zone $zone): bool => in_array($zone, self::FOR_EARS, true)));
        $others = array_filter($zones, static fn (Zone $zone): bool => $zone !== Zone::Ear && ! in_array($zone, self::FOR_EARS, true));
        if ($others !== [] || ($painted->technique->isCounted() && $painted->technique !== Technique::Line) || ($placed === [] && $before === null && $context->drawn()->face === null)) {
            return null;
        }
        $shape = $before->mark->shape ?? $shape ?? self::EARS_OF[$context->drawn()->face->value ?? ''] ?? Shape::PointedEar;
        $where = $before->zones ?? ($placed === [] ? [Zone::Forehead] : [$placed[0] === Zone::Hairline ? Zone::Forehead : $placed[0]]);
        $side = self::saidSide($said);

        return new self(
            $where,
            $side?->isOneSided() === true ? $side : Side::Both,
            $shape,
            [new Assumption(PartKind::Shape, $shape->label(), 'painted on the face, as an animal’s are', [])],
            isAnEar: true,
            isInner: preg_match('/\b(?:inside|inner|in|into|middle)\b/', $said->text) === 1 && $before !== null,
        );
    }

    private static function earsAbove(Context $context): ?Step
    {
        return $context->lastThat(static fn (Step $step): bool => $step->mark->shape !== null && $step->mark->shape->isEar());
    }

    private static function earShape(Said $said, Context $context): ?Shape
    {
        return match (true) {
            preg_match('/\b(?:floppy|hanging|droopy|drooping|hang)\b/iu', $said->text) === 1 => Shape::FloppyEar,
            preg_match('/\b(?:long|tall)\b/iu', $said->text) === 1 => Shape::LongEar,
            preg_match('/\b(?:pointy|pointed|triangle|triangles|dreiecke)\b/iu', $said->text) === 1 => Shape::PointedEar,
            preg_match('/\b(?:round|fluffy|circles?)\b/iu', $said->text) === 1 && $context->drawn()->face === null => Shape::RoundEar,
            default => $context->drawn()->face === null ? null : self::EARS_OF[$context->drawn()->face->value] ?? null,
        };
    }

    private static function isPart(?Thing $thing): bool
    {
        return $thing?->part !== null;
    }

    /**
     * A part of a figure lies where the figure is, on one side: "each side" is of the figure.
     *
     * @param  list<Zone>  $zones  as said
     * @param  Assumed<list<Zone>>  $zoned
     */
    private static function onFigure(Shape $shape, array $zones, Assumed $zoned, Said $said, ?Said $how, Context $context): self
    {
        $figure = $context->lastOf($shape);
        $found = $zones !== [] ? $zones : ($figure->zones ?? $zoned->value);
        $saidSide = self::saidSide($said);
        $side = match (true) {
            self::usualSide($found) === Side::Centre => Side::Centre,
            $saidSide?->isOneSided() === true && $figure === null => $saidSide,
            $figure !== null => $figure->side,
            $context->heading()->side !== null => $context->heading()->side,
            $context->placement === Placement::Brow || $context->isOfFace() => self::usualSide($found),
            $context->placement !== Placement::Cheek => Side::Centre,
            default => Side::Left,
        };

        return new self(
            $found,
            $side,
            $shape,
            $zones === [] ? [new Assumption(PartKind::Zone, self::words($found), "a part of the {$shape->label()}", [])] : [],
            self::partsOf($shape, [...$said->all(PartKind::Thing), ...($how?->all(PartKind::Thing) ?? [])]),
        );
    }

    /**
     * @param  list<Part>  $things
     * @return list<FigurePart>
     */
    private static function partsOf(Shape $shape, array $things): array
    {
        $parts = [];
        foreach ($things as $part) {
            $thing = $part->value;
            if ($thing instanceof Thing && $thing->part !== null && $thing->shape === $shape) {
                $parts[$thing->part->value] = $thing->part;
            }
        }

        return array_values($parts);
    }

    /**
     * A sponge or a powder paints no eyes, and an outline goes round them: with other places they are one.
     *
     * @return list<Part>
     */
    private static function eyesAmong(Said $said): array
    {
        $covers = in_array(
            $said->first(PartKind::Medium),
            [Medium::Sponge, Medium::Powder],
            true,
        ) || $said->first(PartKind::Technique) === Technique::Outline;

        return ! $covers ? [] : array_values(array_filter(
            $said->all(PartKind::Thing),
            static fn (Part $part): bool => Earlier::noun($part->spoken) === 'eye',
        ));
    }

    /**
     * "A lantern on the forehead" is one, and stands in the middle; two of them, ears and horns are a pair.
     *
     * @param  list<Zone>  $zones
     */
    private static function isOneInTheMiddle(Said $said, ?Shape $shape, array $zones): bool
    {
        $spoken = array_column([...$said->all(PartKind::Thing), ...$said->all(PartKind::Shape), ...$said->all(PartKind::Technique)], 'spoken')[0] ?? '';

        $isOne = $shape !== null || $spoken === 'light' || $spoken === 'spot' || $spoken === 'dot';

        return $isOne && ($shape === null || ! $shape->isTexture() && ! $shape->isOfPair()) && ! $said->has(PartKind::Count)
            && (Earlier::noun($spoken) === $spoken || preg_match('/^(?:row|string) of |^(?:antennae|feelers)$/', $spoken) === 1)
            && array_diff(array_column($zones, 'value'), in_array(Zone::Forehead, $zones, true) ? [...self::ACROSS_THE_MIDDLE, Zone::Brow->value] : self::ACROSS_THE_MIDDLE) === [] && self::usualSide($zones) !== Side::Centre;
    }

    /** What is placed by a figure in the middle is there with it. */
    private static function isOnOneInTheMiddle(References $references, ?Shape $shape): bool
    {
        return $references->guides($shape) !== [] && $references->steps[0]->side === Side::Centre;
    }

    /** Any thing of the line that has a place of its own. */
    private static function placed(Said $said): ?Thing
    {
        foreach ($said->values(PartKind::Thing, Thing::class) as $thing) {
            if ($thing->hasPlace()) {
                return $thing;
            }
        }

        return null;
    }

    /** @param  list<Zone>  $zones */
    public static function usualSide(array $zones): Side
    {
        foreach ($zones as $zone) {
            if (! $zone->isOnMiddleLine()) {
                return Side::Both;
            }
        }

        return Side::Centre;
    }

    /** @return list<Zone> */
    private static function everywhere(Said $said, Context $context): array
    {
        $painted = References::speaksOfAll($said) ? $context->zones(true) : [];

        return $painted === [] ? ZoneWords::everywhereOn($context->placement) : $painted;
    }

    /**
     * @param  list<Zone>  $zones
     * @return Assumed<list<Zone>>
     */
    private static function zones(
        array $zones,
        ?Thing $thing,
        Said $all,
        ?Said $hints,
        References $references,
        Context $context,
        Painted $painted,
    ): Assumed {
        if ($zones !== []) {
            return new Assumed($zones);
        }
        $hinted = $hints === null ? [] : self::said($hints, $context, []);
        $technical = self::ofTechnique($painted->technique, $context);
        $takesGlitter = static fn (Step $step): bool => $step->medium !== Medium::Bare
            && array_intersect(array_column($step->zones, 'value'), self::NO_GLITTER) === [];
        $last = $painted->medium === Medium::Glitter ? $context->lastThat($takesGlitter) : $context->last();
        $other = self::onOther($all);
        [$found, $because] = match (true) {
            $hinted !== [] => [$hinted, 'as its name says'],
            $other !== null && ! in_array($other, $last->zones ?? [], true) => [[$other], 'on the other one'],
            $painted->technique === Technique::Blend && self::blended($all, $context) !== [] => [self::blended($all, $context), 'where those meet'],
            $context->heading()->zones !== [] => [$context->heading()->zones, 'as the heading says'],
            $references->steps !== [] => [self::together($references->steps), "as in “{$references->steps[0]->name}”"],
            $thing?->hasPlace() === true && $context->isOfFace() => [$thing->zones, 'where that goes'],
            $technical !== [] => [$technical, 'where '.$painted->technique->plural().' go'],
            $context->drawn()->isDrawn() && $context->placement === Placement::Eye && $last !== null && $last->zones !== [] => [$last->zones, self::AS_ABOVE],
            $last === null, in_array($context->placement, self::STAYING, true) => [
                ZoneWords::usualOn($context->placement),
                'where this design is painted',
            ],
            default => [$last->zones === [] ? ZoneWords::usualOn($context->placement) : $last->zones, self::AS_ABOVE],
        };

        return new Assumed($found, new Assumption(PartKind::Zone, self::words($found), $because, self::otherZones($found, $context)));
    }

    /**
     * "Blend the orange into the white": where the last of the two was laid.
     *
     * @return list<Zone>
     */
    private static function blended(Said $all, Context $context): array
    {
        $names = [];
        foreach ($all->all(PartKind::Colour) as $part) {
            $names = $part->value instanceof Colour ? [...$names, mb_strtolower($part->value->name)] : $names;
        }
        $laid = count($names) < 2 ? null : $context->lastThat(static fn (Step $step): bool => count($step->zones) > 1
            && array_filter($step->colours, static fn (Colour $colour): bool => in_array(mb_strtolower($colour->name), $names, true)) !== []);

        return $laid->zones ?? [];
    }

    /** "A scar on the other cheek": a place of its own, and not only another side. */
    private static function onOther(Said $all): ?Zone
    {
        foreach ($all->all(PartKind::Again) as $part) {
            $place = preg_match('/other (?<place>cheek|temple|brow|eye)$/', $part->spoken, $found) === 1 ? $found['place'] : '';
            if ($place !== '') {
                return $place === 'eye' ? Zone::EyeSocket : Zone::from($place);
            }
        }

        return null;
    }

    /**
     * @param  non-empty-list<Step>  $steps
     * @return list<Zone>
     */
    private static function together(array $steps): array
    {
        $zones = [];
        foreach ($steps as $step) {
            foreach ($step->zones as $zone) {
                $zones[$zone->value] = $zone;
            }
        }

        return array_values($zones);
    }

    /** @return list<Zone> */
    private static function ofTechnique(Technique $technique, Context $context): array
    {
        return match (true) {
            ! $context->isOfFace() => [],
            $technique === Technique::Whisker => $context->placement === Placement::Eye ? [] : [Zone::Muzzle],
            $technique === Technique::Lash => [Zone::Eyelid],
            default => [],
        };
    }

    /** @param  list<Zone>  $zones */
    private static function words(array $zones): string
    {
        return count($zones) > 4 ? 'all over' : implode(', ', array_map(static fn (Zone $zone): string => $zone->label(), $zones));
    }

    /**
     * @param  list<Zone>  $zones
     * @return list<Choice>
     */
    private static function otherZones(array $zones, Context $context): array
    {
        $usual = match ($context->placement) {
            Placement::FullFace, Placement::Mask => [
                Zone::Forehead, Zone::EyeSocket, Zone::Cheek, Zone::Nose, Zone::Muzzle, Zone::Temple, Zone::Chin,
            ],
            Placement::Cheek => [Zone::Cheekbone, Zone::LowerCheek, Zone::Temple, Zone::Cheek, Zone::Jaw],
            Placement::Brow => [Zone::Forehead, Zone::Temple, Zone::BetweenBrows, Zone::Brow],
            Placement::Eye => [Zone::Eyelid, Zone::UnderEye, Zone::OuterEye, Zone::InnerEye, Zone::Temple],
            Placement::Nose => [Zone::NoseTip, Zone::NoseBridge, Zone::Cheekbone, Zone::Nose],
            Placement::Arm => [Zone::Forearm, Zone::Wrist, Zone::Arm, Zone::Hand],
            Placement::Hand => [Zone::Wrist, Zone::Fingers, Zone::Knuckles, Zone::Hand],
        };
        $others = array_filter($usual, static fn (Zone $zone): bool => $zones !== [$zone]);

        return array_values(array_map(static fn (Zone $zone): Choice => new Choice($zone->label(), "on the {$zone->label()}"), $others));
    }

    /**
     * @param  list<Zone>  $zones
     * @return Assumed<Side>
     */
    private static function side(
        array $zones,
        Said $all,
        ?Said $hints,
        References $references,
        Context $context,
        bool $isAsAbove,
    ): Assumed
    {
        $isMiddle = self::usualSide($zones) === Side::Centre;
        $said = self::saidSide($all) ?? self::inTheMiddle($all, $zones) ?? (! $isMiddle && $hints !== null ? self::saidSide($hints) : null);
        $said ??= $isMiddle ? null : $context->heading()->side;
        if ($said !== null) {
            return new Assumed($isMiddle && $said->isOneSided() && count($zones) === 1 ? Side::Centre : $said);
        }
        if ($isMiddle) {
            return new Assumed(Side::Centre);
        }
        $of = $references->steps[0] ?? null;
        if (self::saysSeveral($all)) {
            return new Assumed(Side::Both);
        }
        if ($references->looksBack(Back::OtherSide) && self::isMirroredItself($all)) {
            return new Assumed(Side::Both);
        }
        if ($references->looksBack(Back::OtherSide)) {
            $last = $context->last()->side ?? Side::Both;

            return new Assumed($last->isOneSided() ? $last->opposite() : Side::Right);
        }
        [$side, $because] = match (true) {
            $of !== null && $of->side->isOneSided() => [$of->side, "as in “{$of->name}”"],
            self::isOneFigure($all, $zones) => [Side::Left, 'one of it'],
            $context->onlySide() !== null && (! $context->isOfFace() || $context->placement === Placement::Eye) => [$context->onlySide(), 'as in the lines above'],
            $isAsAbove && $context->last() !== null => [$context->last()->side, self::AS_ABOVE],
            self::sideThere($zones, $context) !== null => [self::sideThere($zones, $context), 'as in the line above'],
            $context->placement === Placement::Cheek && $context->last()?->side->isOneSided() === true => [$context->last()->side, self::AS_ABOVE],
            $context->placement === Placement::Cheek && $context->above === [] => [Side::Left, 'a cheek design is on one cheek'],
            $context->placement === Placement::Cheek && $context->last() === null => [Side::Left, 'a cheek design is on one cheek'],
            default => [self::usualSide($zones), ''],
        };
        if ($because === '' && ($context->placement === Placement::Arm || $context->placement === Placement::Hand)) {
            return new Assumed(Side::Centre);
        }

        return new Assumed($side, $because === '' ? null : new Assumption(PartKind::Side, $side->value, $because, self::otherSides($side)));
    }

    /**
     * "A gem in the middle of the forehead", "big snowflake mid forehead", one stripe "up the bridge of the nose to the forehead".
     *
     * @param  list<Zone>  $zones
     */
    private static function inTheMiddle(Said $all, array $zones): ?Side
    {
        $isAcross = array_diff(array_column($zones, 'value'), self::ACROSS_THE_MIDDLE) === [];
        foreach ($isAcross ? [...$all->all(PartKind::Zone), ...$all->all(PartKind::Between), ...$all->all(PartKind::Quality)] : [] as $part) {
            if (preg_match('/\b(?:middle|mid|centre|center)\b/', $part->spoken) === 1) {
                return Side::Centre;
            }
        }
        $isOneLine = $isAcross && count($zones) > 1 && ! $all->has(PartKind::Count)
            && array_filter([...$all->all(PartKind::Technique), ...$all->all(PartKind::Thing)], static fn (Part $part): bool => in_array($part->spoken, ['stripe', 'line', 'blaze'], true)) !== [];

        return $isOneLine ? Side::Centre : null;
    }

    /**
     * "Black nose" is its tip, as animals have it; "on the nose" and "down the nose" are all of it.
     *
     * @param  array<string, Zone>  $zones
     * @return array<string, Zone>
     */
    private static function withNoseTip(array $zones, Said $said): array
    {
        $at = array_search('nose', array_column($said->parts, 'spoken'), true);
        $before = is_int($at) ? array_slice($said->parts, 0, $at) : [];
        $isOfAnimal = $before !== [] && array_filter(
            $before,
            static fn (Part $part): bool => $part->kind !== PartKind::Colour && $part->kind !== PartKind::Quality,
        ) === [];

        return $isOfAnimal && array_keys($zones) === [Zone::Nose->value] ? [Zone::NoseTip->value => Zone::NoseTip] : $zones;
    }

    /**
     * "A leaf on the cheek", "fly on the cheek": one, and not one on each.
     *
     * @param  list<Zone>  $zones
     */
    private static function isOneFigure(Said $all, array $zones): bool
    {
        $figures = array_filter($all->all(PartKind::Thing), static fn (Part $part): bool => $part->value instanceof Thing
            && $part->value->part === null && $part->value->shape !== null && ! $part->value->shape->isTexture() && ! $part->value->shape->isOfPair());
        $figure = array_values($figures)[0] ?? null;
        $isSingular = $figure !== null && Earlier::noun($figure->spoken) === $figure->spoken;

        return $isSingular && count($zones) === 1 && ! $all->has(PartKind::Count)
            && array_filter($all->all(PartKind::Zone), static fn (Part $part): bool => in_array($part->spoken, ['cheek', 'temple', 'cheekbone'], true)) !== [];
    }

    /** "Swirl antennae mirrored": what the line paints, on both sides. */
    private static function isMirroredItself(Said $all): bool
    {
        $back = array_column(array_filter($all->all(PartKind::Again), static fn (Part $part): bool => $part->value === Back::OtherSide), 'spoken');

        return array_diff($back, ['mirrored', 'other side too', 'other side as well']) === [] && ($all->has(PartKind::Thing) || $all->has(PartKind::Technique));
    }

    /** "The eyes", "the temples": both of them. */
    private static function saysSeveral(Said $said): bool
    {
        foreach ($said->all(PartKind::Zone) as $part) {
            if (is_array($part->value) && $part->value !== [] && preg_match(
                '/(?:eyes|lids|temples|cheeks|brows|eyebrows|cheekbones|bones|ears|corners|nostrils|sockets|sides)\b/',
                $part->spoken,
            ) === 1) {
                return true;
            }
        }

        return false;
    }

    /** Null where the line says none. */
    public static function saidSide(Said $said): ?Side
    {
        $sides = $said->values(PartKind::Side, Side::class);
        $isBoth = in_array(Side::Left, $sides, true) && in_array(Side::Right, $sides, true) && ! self::namesOne($said);
        foreach ($said->all(PartKind::Zone) as $part) {
            $words = $part->spoken;
            $sides = match (true) {
                preg_match('/\bleft\b/', $words) === 1 => [Side::Left, ...$sides],
                preg_match('/\bright\b/', $words) === 1 => [Side::Right, ...$sides],
                preg_match('/\b(?:each|both)\b/', $words) === 1 => [Side::Both, ...$sides],
                preg_match('/\bone\b/', $words) === 1 => [...$sides, Side::Left],
                default => $sides,
            };
        }

        return $isBoth ? Side::Both : self::outermost($sides);
    }

    /** "One cheek (right)" names the right one. */
    private static function namesOne(Said $said): bool
    {
        return array_filter($said->all(PartKind::Side), static fn (Part $part): bool => str_contains($part->spoken, 'one')) !== [];
    }

    /**
     * "In the middle" tells the place, not the side, where a side is said too.
     *
     * @param  list<Side>  $sides
     */
    private static function outermost(array $sides): ?Side
    {
        foreach ($sides as $side) {
            if ($side !== Side::Centre) {
                return $side;
            }
        }

        return $sides[0] ?? null;
    }

    /**
     * The side of the last step in the same place, where all of them there lie on it.
     *
     * @param  list<Zone>  $zones
     */
    private static function sideThere(array $zones, Context $context): ?Side
    {
        $there = null;
        foreach ($context->above as $earlier) {
            if (array_filter(
                $zones,
                static fn (Zone $zone): bool => ! $zone->isOnMiddleLine() && in_array($zone, $earlier->step->zones, true),
            ) === []) {
                continue;
            }
            if (! $earlier->step->side->isOneSided() || ($there !== null && $there !== $earlier->step->side)) {
                return null;
            }
            $there = $earlier->step->side;
        }

        return $there;
    }

    /** @return list<Choice> */
    private static function otherSides(Side $side): array
    {
        $words = ['left side' => Side::Left, 'right side' => Side::Right, 'both sides' => Side::Both];

        return array_map(
            static fn (string $says): Choice => new Choice($says, $says),
            array_keys(array_filter($words, static fn (Side $one): bool => $one !== $side)),
        );
    }

    /** An outline, stripes or a stencil on a thing follow its shape; dots do not. */
    private static function shape(Said $said, ?Thing $thing, References $references, Painted $painted): ?Shape
    {
        $shape = $said->first(PartKind::Shape);
        $follows = in_array($painted->technique, [Technique::Outline, Technique::Fill], true);

        return match (true) {
            $shape instanceof Shape => $shape,
            $thing?->part !== null => self::marksPart($painted) ? $thing->shape : null,
            $thing?->shape !== null => self::suits($thing->shape, $painted) ? $thing->shape : null,
            $follows && $thing === null && $references->steps !== [] => $references->steps[0]->mark->shape,
            default => null,
        };
    }

    /** Glitter and gems are set on a part, and are no part of the figure. */
    private static function marksPart(Painted $painted): bool
    {
        return ! in_array($painted->medium, [Medium::Glitter, Medium::Gem, Medium::Bare, Medium::Stencil], true);
    }

    private static function suits(Shape $shape, Painted $painted): bool
    {
        return ! in_array(
            $painted->medium,
            [Medium::Glitter, Medium::Gem, Medium::Bare],
            true,
        ) && ($painted->technique !== Technique::Dots || $shape === Shape::StarField);
    }
}
