<?php

declare(strict_types=1);

namespace Core\Design\Wording\Sense;

use Core\Design\Place\Figure;
use Core\Design\Place\FigurePlace;
use Core\Design\Place\Guide;
use Core\Design\Place\Shape;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Design\Wording\Part;
use Core\Design\Wording\PartKind;
use Core\Design\Wording\Words\Back;

/** Which words of a line speak of steps above: the spots, on the tower, its windows, the other side. */
final readonly class References
{
    private const LEADING = [
        'the', 'its', 'their', 'these', 'those', 'his', 'her', 'each', 'every', 'on', 'in', 'of', 'round', 'around', 'between',
        'under', 'over', 'along', 'inside', 'with', 'down', 'from', 'behind', 'above', 'to', 'across', 'into', 'beside',
        'underneath', 'below', 'at', 'through', 'onto', 'both', 'all', 'for', 'near', 'up',
    ];

    private const STANDING = ['above', 'below', 'underneath', 'beside'];

    private const ALL_OF_IT = ['everything', 'all', 'it all', 'all of it', 'whole thing', 'whole design', 'over everything'];

    /**
     * @param  list<Part>  $parts  the words that speak of steps above
     * @param  list<Step>  $steps  what they speak of, in the order of the words
     * @param  list<Back>  $back  how else the line looks back
     * @param  list<Figure>  $figures  shapes among what they speak of, with where the line stands to them
     */
    private function __construct(public array $parts, public array $steps, public array $back, private array $figures = []) {}

    public static function in(Said $said, Context $context): self
    {
        $parts = $steps = $figures = [];
        $back = $said->values(PartKind::Again, Back::class);
        $repeats = in_array(Back::Same, $back, true) || in_array(Back::OtherSide, $back, true);
        $itsOwn = self::itsOwn($said);
        foreach ($said->parts as $at => $part) {
            $speaksOf = $part->kind->names() && (self::isLed($said, $at) || self::belongsToNext($said, $at)
                || ($part === $itsOwn && $repeats));
            $made = $speaksOf ? self::madeBy($part->spoken, $context) : null;
            if ($made !== null) {
                $parts[] = $part;
                $steps[] = $made;
                $figures[] = self::figure(array_slice($said->parts, 0, $at), $made);
            }
        }
        $last = $context->last();
        if ($steps === [] && in_array(Back::It, $back, true) && $last !== null) {
            $steps[] = $last;
            $figures[] = self::figureOfIts($said, $last);
        }

        $figures = array_values(array_filter($figures));

        return new self($parts, $steps, $back, $figures === [] ? array_filter([self::byTheLast($said, $context)]) : $figures);
    }

    /**
     * A mark stands to the first figure that the line speaks of; what takes that figure's own shape covers it.
     *
     * @return list<Guide>
     */
    public function guides(?Shape $own): array
    {
        $figure = $this->figures[0] ?? null;

        return $figure === null || $figure->shape === $own ? [] : [Guide::figure($figure)];
    }

    public function looksBack(Back $back): bool
    {
        return in_array($back, $this->back, true);
    }

    public function repeats(): bool
    {
        return $this->looksBack(Back::Same) || $this->looksBack(Back::OtherSide) || $this->looksBack(Back::AllOfIt);
    }

    /** Whether the line speaks of all that is painted. */
    public static function speaksOfAll(Said $said): bool
    {
        foreach ($said->all(PartKind::Zone) as $part) {
            if (in_array($part->spoken, self::ALL_OF_IT, true)) {
                return true;
            }
        }

        return false;
    }

    /** "A planet above", "waves below": above or below the figure that was drawn last. */
    private static function byTheLast(Said $said, Context $context): ?Figure
    {
        foreach ($said->parts as $at => $part) {
            $isAlone = ! isset($said->parts[$at + 1]) || $said->parts[$at + 1]->opensClause;
            $place = $isAlone && in_array($part->spoken, self::STANDING, true) ? FigurePlace::ofWord($part->spoken) : null;
            $drawn = $context->lastThat(static fn (Step $step): bool => $step->mark->shape?->skeleton() !== null);
            $shape = $place === null ? null : $drawn?->mark->shape;
            if ($shape !== null) {
                return new Figure($place, $shape);
            }
        }

        return null;
    }

    /**
     * Null where what was made has no shape, or nothing says where the line stands to it.
     *
     * @param  list<Part>  $before  the words in front of it
     */
    private static function figure(array $before, Step $made): ?Figure
    {
        $shape = $made->mark->shape;
        $isLed = preg_match(
            '/\b(?<word>(?:top|foot|bottom) of|next to|\p{L}+)\s+(?:the|its|each|both)(?:\s+\p{L}+){0,2}\s*$/u',
            implode(' ', array_column($before, 'spoken')),
            $found,
        ) === 1;
        $place = $isLed ? FigurePlace::ofWord($found['word']) : null;

        return $shape === null || $shape->isTexture() || $place === null ? null : new Figure($place, $shape);
    }

    /** "Its windows" are on what was painted last, or on what that stands on. */
    private static function figureOfIts(Said $said, Step $last): ?Figure
    {
        $shape = $last->mark->shape;
        $owns = array_filter(
            $said->all(PartKind::Again),
            static fn (Part $part): bool => in_array($part->spoken, ['its', 'their'], true),
        );

        return match (true) {
            $owns === [] => null,
            $shape === null || $shape->isTexture() => $last->mark->figure(),
            default => new Figure(FigurePlace::Inside, $shape),
        };
    }

    /** "Fish eyes": eyes of the fish. */
    private static function belongsToNext(Said $said, int $at): bool
    {
        $next = $said->parts[$at + 1] ?? null;

        return $next !== null && $next->kind->names() && ! $next->opensClause;
    }

    /** What the line itself paints: the first thing or stroke in it, else the first of the painter's own words. */
    private static function itsOwn(Said $said): ?Part
    {
        $own = null;
        foreach ($said->parts as $at => $part) {
            if (in_array($part->kind, [PartKind::Technique, PartKind::Thing, PartKind::Shape], true) && ! self::belongsToNext($said, $at)) {
                $own ??= $part;
            }
        }
        foreach ($said->parts as $part) {
            $own ??= $part->kind === PartKind::Words ? $part : null;
        }

        return $own;
    }

    private static function madeBy(string $words, Context $context): ?Step
    {
        $made = $context->made(Earlier::noun($words));
        $last = strrchr($words, ' ');

        return $made ?? ($last === false ? null : $context->made(Earlier::noun(trim($last))));
    }

    /** Whether a word stands behind "the", "on the", "its" and the like, or is what is outlined: it speaks of what is there already. */
    private static function isLed(Said $said, int $at): bool
    {
        if ($at > 0 && $said->parts[$at - 1]->value === Technique::Outline && ! $said->parts[$at]->opensClause) {
            return true;
        }
        for ($before = $at - 1; $before >= 0; $before--) {
            $part = $said->parts[$before];
            $words = $part->spoken;
            if ($part->kind === PartKind::Between || ($part->kind === PartKind::Again && $part->value === Back::It)) {
                if (in_array($words, self::LEADING, true) || $part->kind === PartKind::Again) {
                    return true;
                }

                continue;
            }
            if ($part->kind !== PartKind::Quality && $part->kind !== PartKind::Colour) {
                return false;
            }
        }

        return false;
    }
}
