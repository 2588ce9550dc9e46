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
use Core\Design\Wording\Words\Thing;
use Core\Design\Wording\Words\ZoneWords;

/**
 * Where a step goes, on which side and as which shape: as said, as its thing has a place, as the step it speaks of, or where the design is.
 */
final readonly class Places
{
    /** Designs made for one small place are there unless they say otherwise. */
    private const STAYING = [Placement::Cheek, Placement::Eye];

    public const AS_ABOVE = 'as in the line above';

    /** A figure there is small, and its sides are not the child's. */
    private const APART = [Placement::Cheek, Placement::Arm, Placement::Hand];

    private const INNER_EAR_PERCENT = 55;

    /** Glitter is kept away from there unless someone says otherwise: it gets into the eye, and into the mouth. */
    private const NO_GLITTER = [
        Zone::Eyelid->value, Zone::InnerEye->value, Zone::Lips->value, Zone::UpperLip->value, Zone::LowerLip->value,
    ];

    /** Places with two sides that meet in the middle. */
    public const ACROSS_THE_MIDDLE = [
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
        private ?Ears $ears = null,
    ) {}

    /** Of the usual size: what is inside of an ear is as much smaller. */
    public function sizePercent(): int
    {
        return $this->ears?->isInner === true ? self::INNER_EAR_PERCENT : 100;
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
        $isOnForehead = $this->ears !== null && in_array(Zone::Forehead, $this->zones, true);

        return [...($isOnForehead ? [Guide::portion(Portion::OuterHalf)] : []), ...array_map(Guide::part(...), $this->ofFigure)];
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
        $ears = Ears::of(zones: $zones, said: $said, hints: $hints, context: $context, painted: $painted);
        if ($ears !== null) {
            return self::forEars($ears);
        }
        $named = $how === null ? null : Painted::thing($how, $context);
        $thing = $named?->part !== null ? $named : Painted::thing($said, $context) ?? $named;
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
        $zoned = $shape === Shape::EyePatch ? self::overTheEye($zoned) : $zoned;
        if ($shape !== null && $thing?->part !== null && in_array($context->placement, self::APART, true)) {
            return self::onFigure(shape: $shape, zones: $zones, zoned: $zoned, said: $said, how: $how, context: $context);
        }
        $sided = self::isOneInTheMiddle($said, $shape, $zoned->value) || self::isOnOneInTheMiddle($references, $shape)
            ? new Assumed(Sides::said($all) ?? Side::Centre)
            : Sides::of(zoned: $zoned, all: $all, hints: $hints, references: $references, context: $context);

        return new self(
            zones: $zoned->value,
            side: $sided->value,
            shape: $shape,
            assumed: array_values(array_filter([$zoned->assumption, $sided->assumption])),
            ofFigure: $thing === null ? self::partsAbove($shape, $references) : self::partsOf($shape, $said, $how),
        );
    }

    /**
     * @param  Assumed<list<Zone>>  $zoned
     * @return Assumed<list<Zone>> a patch over the eye lies on its socket too
     */
    private static function overTheEye(Assumed $zoned): Assumed
    {
        $isEye = array_filter($zoned->value, static fn (Zone $zone): bool => ! $zone->isEye()) === [];

        return $isEye ? new Assumed([Zone::EyeSocket], $zoned->assumption) : $zoned;
    }

    private static function forEars(Ears $ears): self
    {
        return new self(
            zones: $ears->zones,
            side: $ears->side,
            shape: $ears->shape,
            assumed: [new Assumption(PartKind::Shape, $ears->shape->label(), 'painted on the face, as an animal’s are', [])],
            ears: $ears,
        );
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

        $isInOtherColumn = array_filter(
            $said->all(PartKind::Zone),
            static fn (Part $part): bool => $part->value === [Zone::NoseTip] && $part->opensClause,
        ) !== [];

        return match (true) {
            $isInOtherColumn && count($zones) === 2 => array_diff_key($zones, [Zone::Nose->value => true]),
            $isOfAnimal && array_keys($zones) === [Zone::Nose->value] => [Zone::NoseTip->value => Zone::NoseTip],
            default => $zones,
        };
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
        $saidSide = Sides::said($said);
        $side = match (true) {
            Sides::usual($found) === Side::Centre => Side::Centre,
            $saidSide?->isOneSided() === true && $figure === null => $saidSide,
            $figure !== null => $figure->side,
            $context->heading()->side !== null => $context->heading()->side,
            $context->placement === Placement::Brow || $context->isOfFace() => Sides::usual($found),
            $context->placement !== Placement::Cheek => Side::Centre,
            default => Side::Left,
        };

        return new self(
            zones: $found,
            side: $side,
            shape: $shape,
            assumed: $zones === [] ? [new Assumption(PartKind::Zone, self::words($found), "a part of the {$shape->label()}", [])] : [],
            ofFigure: self::partsOf($shape, $said, $how),
        );
    }

    /** @return list<FigurePart> those that the line speaks of: "outline the bill" */
    private static function partsAbove(?Shape $shape, References $references): array
    {
        $step = $references->steps[0] ?? null;

        return $shape !== null && $step?->mark->shape === $shape ? $step->mark->parts() : [];
    }

    /** @return list<FigurePart> */
    private static function partsOf(?Shape $shape, Said $said, ?Said $how): array
    {
        $parts = [];
        foreach ([...$said->all(PartKind::Thing), ...($how?->all(PartKind::Thing) ?? [])] as $part) {
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
        $things = array_map($said->all(...), [PartKind::Thing, PartKind::Shape, PartKind::Technique]);
        $spoken = array_column(array_merge(...$things), 'spoken')[0] ?? '';
        $across = in_array(Zone::Forehead, $zones, true) ? [...self::ACROSS_THE_MIDDLE, Zone::Brow->value] : self::ACROSS_THE_MIDDLE;

        $isOne = $shape !== null || $spoken === 'light' || $spoken === 'spot' || $spoken === 'dot';

        return $isOne && ($shape === null || ! $shape->isTexture() && ! $shape->isOfPair()) && ! $said->has(PartKind::Count)
            && (Earlier::noun($spoken) === $spoken || preg_match('/^(?:row|string) of |^(?:antennae|feelers)$/', $spoken) === 1)
            && array_diff(array_column($zones, 'value'), $across) === [] && Sides::usual($zones) !== Side::Centre;
    }

    /** What is placed by a figure in the middle is there with it. */
    private static function isOnOneInTheMiddle(References $references, ?Shape $shape): bool
    {
        return $references->guides($shape) !== [] && ($references->steps[0] ?? null)?->side === Side::Centre;
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
            $painted->technique === Technique::Blend
                && self::blended($all, $context) !== [] => [self::blended($all, $context), 'where those meet'],
            $context->heading()->zones !== [] => [$context->heading()->zones, 'as the heading says'],
            $references->steps !== [] => [self::together($references->steps), "as in “{$references->steps[0]->name}”"],
            $thing?->hasPlace() === true && $context->isOfFace() => [$thing->zones, 'where that goes'],
            $technical !== [] => [$technical, 'where '.$painted->technique->plural().' go'],
            $context->drawn()->isDrawn() && $context->placement === Placement::Eye && $last !== null
                && $last->zones !== [] => [$last->zones, self::AS_ABOVE],
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
            && array_intersect(array_map(mb_strtolower(...), array_column($step->colours, 'name')), $names) !== []);

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
            $painted->isUnknownThing($said) => Shape::Plain,
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
