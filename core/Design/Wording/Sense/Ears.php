<?php

declare(strict_types=1);

namespace Core\Design\Wording\Sense;

use Core\Design\Place\Placement;
use Core\Design\Place\Shape;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Design\Wording\PartKind;
use Core\Design\Wording\Words\Thing;

/** The ears of an animal that the face is painted as: drawn on the forehead, where the child's own are not. */
final readonly class Ears
{
    /** Where ears are painted on a face: the child's own are behind them. */
    private const FOR_EARS = [Zone::Forehead, Zone::Hairline, Zone::Temple, Zone::Brow, Zone::BetweenBrows];

    /** Common practice, no source. */
    private const EARS_OF = [
        'bunny' => Shape::LongEar, 'dog' => Shape::FloppyEar, 'elephant' => Shape::FloppyEar, 'sheep' => Shape::FloppyEar,
        'bear' => Shape::RoundEar,
        'panda' => Shape::RoundEar, 'koala' => Shape::RoundEar, 'mouse' => Shape::RoundEar, 'monkey' => Shape::RoundEar,
        'lion' => Shape::RoundEar,
        'tiger' => Shape::RoundEar, 'seal' => Shape::RoundEar,
    ];

    /** @param  list<Zone>  $zones */
    private function __construct(public array $zones, public Side $side, public Shape $shape, public bool $isInner) {}

    /**
     * The ears of an animal that the face is painted as: drawn on the forehead, and not the child's own.
     *
     * @param  list<Zone>  $zones  as said
     */
    public static function of(array $zones, Said $said, ?Said $hints, Context $context, Painted $painted): ?self
    {
        $spoken = array_column([...$said->all(PartKind::Zone), ...($hints?->all(PartKind::Zone) ?? [])], 'spoken');
        $isEar = self::areThings($said) || preg_grep('/\bears?$/', $spoken) !== [];
        if (! $isEar || ! $painted->medium->isPaintedOn()
            || ! in_array($context->placement, [Placement::FullFace, Placement::Mask], true)) {
            return null;
        }
        $shape = self::earShape($said, $context);
        $before = $shape === null ? self::earsAbove($context) : ($context->lastOf($shape) ?? self::earsAbove($context));
        $placed = array_values(array_filter($zones, static fn (Zone $zone): bool => in_array($zone, self::FOR_EARS, true)));
        $others = array_filter($zones, static fn (Zone $zone): bool => $zone !== Zone::Ear && ! in_array($zone, self::FOR_EARS, true));
        if ($others !== [] || ($painted->technique->isCounted() && $painted->technique !== Technique::Line) || ($placed === []
            && $before === null && $context->drawn()->face === null)) {
            return null;
        }
        $shape = $before->mark->shape ?? $shape ?? self::EARS_OF[$context->drawn()->face->value ?? ''] ?? Shape::PointedEar;
        $where = $before->zones ?? ($placed === [] ? [Zone::Forehead] : [$placed[0] === Zone::Hairline ? Zone::Forehead : $placed[0]]);
        $side = Sides::said($said);

        return new self(
            zones: $where,
            side: $side?->isOneSided() === true ? $side : Side::Both,
            shape: $shape,
            isInner: preg_match('/\b(?:inside|inner|in|into|middle)\b/', $said->text) === 1 && $before !== null,
        );
    }

    private static function areThings(Said $said): bool
    {
        return array_filter(
            $said->values(PartKind::Thing, Thing::class),
            static fn (Thing $thing): bool => $thing->part === null && $thing->shape?->isEar() === true,
        ) !== [];
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
}
