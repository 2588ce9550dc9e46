<?php

declare(strict_types=1);

namespace Core\Design\Wording\Sense;

use Core\Design\Place\Placement;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\Wording\Assumption;
use Core\Design\Wording\Choice;
use Core\Design\Wording\Part;
use Core\Design\Wording\PartKind;
use Core\Design\Wording\Words\Back;
use Core\Design\Wording\Words\Thing;

/** On which side a step goes: as said, as the step it speaks of, as those above it in the same place, or as such things usually do. */
final readonly class Sides
{
    /** @param  list<Zone>  $zones */
    public static function usual(array $zones): Side
    {
        foreach ($zones as $zone) {
            if (! $zone->isOnMiddleLine()) {
                return Side::Both;
            }
        }

        return Side::Centre;
    }

    /**
     * @param  Assumed<list<Zone>>  $zoned
     * @return Assumed<Side>
     */
    public static function of(Assumed $zoned, Said $all, ?Said $hints, References $references, Context $context): Assumed
    {
        $zones = $zoned->value;
        $isAsAbove = $zoned->assumption?->because === Places::AS_ABOVE;
        $isMiddle = self::usual($zones) === Side::Centre;
        $said = self::said($all) ?? self::inTheMiddle($all, $zones) ?? (! $isMiddle && $hints !== null ? self::said($hints) : null);
        $said ??= $isMiddle ? null : $context->heading()->side;
        if ($said !== null) {
            return new Assumed($isMiddle && $said->isOneSided() && count($zones) === 1 ? Side::Centre : $said);
        }
        if ($isMiddle) {
            return new Assumed(Side::Centre);
        }
        if (self::saysSeveral($all) || ($references->looksBack(Back::OtherSide) && self::isMirroredItself($all))) {
            return new Assumed(Side::Both);
        }
        if ($references->looksBack(Back::OtherSide)) {
            $last = $context->last()->side ?? Side::Both;

            return new Assumed($last->isOneSided() ? $last->opposite() : Side::Right);
        }

        return self::bySense(zones: $zones, all: $all, of: $references->steps[0] ?? null, context: $context, isAsAbove: $isAsAbove);
    }

    /**
     * Where the line says no side.
     *
     * @param  list<Zone>  $zones
     * @return Assumed<Side>
     */
    private static function bySense(array $zones, Said $all, ?Step $of, Context $context, bool $isAsAbove): Assumed
    {
        [$side, $because] = match (true) {
            $of !== null && $of->side->isOneSided() => [$of->side, "as in “{$of->name}”"],
            self::isOneFigure($all, $zones) => [Side::Left, 'one of it'],
            $context->onlySide() !== null && (! $context->isOfFace()
                || $context->placement === Placement::Eye) => [$context->onlySide(), 'as in the lines above'],
            $isAsAbove && $context->last() !== null => [$context->last()->side, Places::AS_ABOVE],
            self::sideThere($zones, $context) !== null => [self::sideThere($zones, $context), 'as in the line above'],
            $context->placement === Placement::Cheek
                && $context->last()?->side->isOneSided() === true => [$context->last()->side, Places::AS_ABOVE],
            $context->placement === Placement::Cheek && $context->last() === null => [Side::Left, 'a cheek design is on one cheek'],
            default => [self::usual($zones), ''],
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
        $isAcross = array_diff(array_column($zones, 'value'), Places::ACROSS_THE_MIDDLE) === [];
        $words = array_merge(...array_map($all->all(...), [PartKind::Zone, PartKind::Between, PartKind::Quality]));
        foreach ($isAcross ? $words : [] as $part) {
            if (preg_match('/\b(?:middle|mid|centre|center)\b/', $part->spoken) === 1) {
                return Side::Centre;
            }
        }
        $isOneLine = $isAcross && count($zones) > 1 && ! $all->has(PartKind::Count)
            && array_intersect(
                array_column([...$all->all(PartKind::Technique), ...$all->all(PartKind::Thing)], 'spoken'),
                ['stripe', 'line', 'blaze'],
            ) !== [];

        return $isOneLine ? Side::Centre : null;
    }

    /**
     * "A leaf on the cheek", "fly on the cheek": one, and not one on each.
     *
     * @param  list<Zone>  $zones
     */
    private static function isOneFigure(Said $all, array $zones): bool
    {
        $figures = array_filter($all->all(PartKind::Thing), static fn (Part $part): bool => $part->value instanceof Thing
            && $part->value->part === null && $part->value->shape !== null && ! $part->value->shape->isTexture()
                && ! $part->value->shape->isOfPair());
        $figure = array_values($figures)[0] ?? null;
        $isSingular = $figure !== null && Earlier::noun($figure->spoken) === $figure->spoken;

        return $isSingular && count($zones) === 1 && ! $all->has(PartKind::Count)
            && array_intersect(array_column($all->all(PartKind::Zone), 'spoken'), ['cheek', 'temple', 'cheekbone']) !== [];
    }

    /** "Swirl antennae mirrored": what the line paints, on both sides. */
    private static function isMirroredItself(Said $all): bool
    {
        $others = array_filter($all->all(PartKind::Again), static fn (Part $part): bool => $part->value === Back::OtherSide);
        $back = array_column($others, 'spoken');

        return array_diff($back, ['mirrored', 'other side too', 'other side as well']) === [] && ($all->has(PartKind::Thing)
            || $all->has(PartKind::Technique));
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
    public static function said(Said $said): ?Side
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
}
