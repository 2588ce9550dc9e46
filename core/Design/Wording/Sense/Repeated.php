<?php

declare(strict_types=1);

namespace Core\Design\Wording\Sense;

use Core\Design\Place\Mark;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\Wording\PartKind;
use Core\Design\Wording\Vocabulary;
use Core\Design\Wording\Words\Act;
use Core\Design\Wording\Words\Back;
use Core\Design\Wording\Words\Thing;

/** A step above once more: the same again, on the other side, in another colour, a second coat. */
final readonly class Repeated
{
    /**
     * The step that a line repeats; null where it paints something of its own and takes but the place or the colour from above.
     *
     * @param  list<Zone>  $zones  as far as they are said
     */
    public static function step(Said $said, References $references, Context $context, array $zones): ?Step
    {
        if (! $references->repeats() || self::isItsOwn($said, $zones)) {
            return null;
        }

        return ($references->looksBack(Back::AllOfIt) ? null : $references->steps[0] ?? null) ?? $context->last();
    }

    /** @param  list<Zone>  $zones  as far as they are said */
    public static function again(
        string $id,
        Step $base,
        Said $said,
        References $references,
        Context $context,
        Vocabulary $vocabulary,
        array $zones,
    ): Step {
        $zoned = $zones === [] ? self::otherPlace($said) ?? $base->zones : $zones;
        $work = new Work($said);
        $name = Naming::of($said->without(PartKind::Again), $base->technique->isCounted())[0];

        return new Step(
            id: $id,
            name: $name === '' ? $base->name : $name,
            medium: $base->medium,
            tool: Tooled::said($said, $vocabulary, $base->medium) ?? $base->tool,
            colours: $said->has(PartKind::Colour) ? $said->colours() : $base->colours,
            zones: $zoned,
            side: self::side($base, $said, $references, $zoned),
            coats: $said->has(PartKind::Coats) ? $work->coats($base->technique) : $base->coats,
            time: $base->time,
            dryFor: $work->drying($base->medium),
            optional: $said->first(PartKind::Optional) === true || $context->heading()->isOptional,
            note: Notes::of($said, []),
            technique: $base->technique,
            load: $base->load,
            count: $work->count($base->technique) ?? $base->count,
            smallCount: null,
            mark: self::mark($base, $said),
            shut: $work->shut($zoned, $base->medium),
            look: $base->look,
            group: $context->heading()->group,
        );
    }

    /** @return list<Zone>|null "the other cheek" is a cheek */
    private static function otherPlace(Said $said): ?array
    {
        foreach ($said->all(PartKind::Again) as $part) {
            $zone = preg_match('/ (cheek|brow|temple)$/', $part->spoken, $found) === 1 ? Zone::tryFrom($found[1]) : null;
            if ($zone !== null) {
                return [$zone];
            }
        }

        return null;
    }

    /** @param  list<Zone>  $zones */
    private static function isItsOwn(Said $said, array $zones): bool
    {
        $acts = array_filter($said->values(PartKind::Act, Act::class), static fn (Act $act): bool => $act->technique !== null);
        $words = count($said->all(PartKind::Words));

        return $acts !== [] || $said->has(PartKind::Technique) || $said->has(PartKind::Thing) || $said->has(PartKind::Medium)
            || $said->has(PartKind::Tool)
            || ($words > 0 && $said->has(PartKind::Colour) && $zones !== [])
            || ($words === 1 && ! self::looksWholly($said));
    }

    private static function looksWholly(Said $said): bool
    {
        $back = $said->values(PartKind::Again, Back::class);

        return in_array(Back::OtherSide, $back, true) || in_array(Back::AllOfIt, $back, true)
            || ($said->parts[0] ?? null)?->kind === PartKind::Again;
    }

    /** @param  list<Zone>  $zones */
    private static function side(Step $base, Said $said, References $references, array $zones): Side
    {
        return match (true) {
            Sides::usual($zones) === Side::Centre => Side::Centre,
            Sides::said($said) !== null => Sides::said($said),
            $references->looksBack(Back::OtherSide) => $base->side->isOneSided() ? $base->side->opposite() : Side::Right,
            $references->looksBack(Back::AllOfIt) => $base->side->opposite(),
            default => $base->side,
        };
    }

    /** "Lower wings, the same" have a shape of their own. */
    private static function mark(Step $base, Said $said): Mark
    {
        $shapes = array_map(static fn (Thing $thing): mixed => $thing->shape, $said->values(PartKind::Thing, Thing::class));

        return new Mark($shapes[0] ?? $base->mark->shape, $base->mark->sizePercent, $base->mark->turnDegrees, $said->guides());
    }
}
