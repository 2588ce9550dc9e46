<?php

declare(strict_types=1);

namespace Core\Design\Wording\Sense;

use Core\Design\Colour;
use Core\Design\Medium;
use Core\Design\Place\Zone;
use Core\Design\Technique;
use Core\Design\Wording\Part;
use Core\Design\Wording\PartKind;

/** What a step is called: the painter's own words, short and as typed, else what it usually is. */
final readonly class Naming
{
    public const LONGEST = 60;

    /** From so many places on, a step is all over. Team's estimate. */
    private const MANY_PLACES = 9;

    /** Words between that may stand within a name. */
    private const WITHIN = [
        'on', 'the', 'in', 'in the middle of', 'of', 'a', 'an', 'with', 'at', 'from', 'over', 'round', 'around', 'between', 'under',
        'underneath', 'above', 'below', 'along', 'across', 'inside', 'behind', 'beside', 'next to', 'and', '&', '+', 'to', 'up', 'down',
        'for', 'near', 'its', 'their', 'each', 'all', 'out', 'into', 'through', '-', '/', 'them', 'it', "'", 'both',
    ];

    private const LAID = [
        'on', 'over', 'in the middle of', 'between', 'inside', 'around', 'round', 'along', 'above', 'under', 'at', 'in', 'onto',
    ];

    /**
     * A step without a name of its own is called by its first colour, or what lays it on, and its strokes or its place.
     *
     * @param  list<Colour>  $colours
     * @param  list<Zone>  $zones
     */
    public static function usual(Medium $medium, Technique $technique, array $colours, array $zones): string
    {
        $colour = $colours[0]->name ?? '';
        $where = count($zones) >= self::MANY_PLACES ? 'all over' : ($zones[0] ?? null)?->label();
        $isStroke = $technique !== Technique::usualOf($medium) && ($technique->isCounted() || $technique === Technique::Outline)
            && $medium->isPaintedOn();
        $what = $colour === '' ? $medium->value : $colour;
        $name = match (true) {
            $technique === Technique::Wait => 'Wait',
            $medium === Medium::Bare => trim("{$technique->label()} {$where}"),
            $isStroke => trim("{$colour} ".($technique === Technique::Outline ? 'outline' : $technique->plural())),
            default => trim("{$what} {$where}"),
        };

        return mb_strtoupper(mb_substr($name, 0, 1)).mb_substr($name, 1);
    }

    /**
     * The words that name the step, and those that are left for its note.
     *
     * @param  bool  $isCounted  whether numbers say how many strokes, and so do not belong to the name
     * @return array{string, list<string>}
     */
    public static function of(Said $said, bool $isCounted): array
    {
        $runs = self::runs($said, $isCounted);
        $own = array_values(array_filter($runs, static fn (array $run): bool => $run['own']));
        $named = $own[0] ?? $runs[0] ?? null;
        if ($named === null || ! $named['says']) {
            return ['', []];
        }
        $name = self::shortened($named['text']);
        $rest = array_values(array_map(
            static fn (array $run): string => $run['text'],
            array_filter($runs, static fn (array $run): bool => $run !== $named && $run['says']),
        ));

        return [$name, $name === $named['text'] ? $rest : [$named['text'], ...$rest]];
    }

    /**
     * The words of each clause that stand together.
     *
     * @return list<array{text: string, own: bool, says: bool}> own with a thing in it; says with a word of the painter's own or a thing
     */
    private static function runs(Said $said, bool $isCounted): array
    {
        $runs = [];
        $kept = [];
        foreach ($said->parts as $part) {
            if ($part->opensClause) {
                $runs[] = $kept;
                $kept = [];
            }
            $kept[] = $part;
        }
        $runs[] = $kept;

        return array_values(array_filter(
            array_map(static fn (array $parts): array => self::run($said, $parts, $isCounted), $runs),
            static fn (array $run): bool => $run['text'] !== '',
        ));
    }

    /**
     * @param  list<Part>  $parts
     * @return array{text: string, own: bool, says: bool}
     */
    private static function run(Said $said, array $parts, bool $isCounted): array
    {
        $named = array_keys(array_filter($parts, static fn (Part $part): bool => $part->kind->names()));
        if ($named === []) {
            return ['text' => '', 'own' => false, 'says' => false];
        }
        $from = self::pressedOn($parts, $named[0]) ?? self::from($said, $parts, $named[0], $isCounted);
        $words = [];
        foreach (range($from, end($named)) as $at) {
            $isSideOf = $parts[$at]->kind === PartKind::Side && ($parts[$at + 1]->spoken ?? '') === 'of';
            if (($at === $from || $isSideOf || self::mayStandWithin(
                $said,
                $parts[$at],
                $isCounted,
            )) && ! self::leadsToNothing($parts, $at)) {
                $words[] = $said->wordsOf($parts[$at]);
            }
        }
        $ofOwn = static fn (PartKind ...$kinds): bool => array_filter(
            $parts,
            static fn (Part $part): bool => in_array($part->kind, $kinds, true),
        ) !== [];

        return [
            'text' => implode(' ', $words),
            'own' => $ofOwn(PartKind::Thing, PartKind::Technique),
            'says' => $ofOwn(PartKind::Thing, PartKind::Words) || count($words) > 1,
        ];
    }

    /**
     * "Gem on the star", "glitter over the waves": the name begins with what is laid on, and not with what lies there.
     *
     * @param  list<Part>  $parts
     */
    private static function pressedOn(array $parts, int $first): ?int
    {
        $isLed = false;
        for ($before = $first - 1; $before >= 0 && in_array(
            $parts[$before]->kind,
            [PartKind::Between, PartKind::Quality, PartKind::Side],
            true,
        ); $before--) {
            $isLed = $isLed || in_array($parts[$before]->spoken, self::LAID, true);
        }

        return $isLed && $before >= 0 && in_array(
            $parts[$before]->value,
            [Medium::Gem, Medium::Glitter, Medium::Powder],
            true,
        ) ? $before : null;
    }

    /**
     * A size right in front of the first word belongs to it, and a number that counts no strokes.
     *
     * @param  list<Part>  $parts
     */
    private static function from(Said $said, array $parts, int $first, bool $isCounted): int
    {
        $from = $first;
        for ($before = $first - 1; $before >= 0; $before--) {
            $part = $parts[$before];
            $isOfIt = ($part->kind === PartKind::Quality && $part->value === 'size') || ($part->kind === PartKind::Count && ! $isCounted);
            $from = $isOfIt ? $before : $from;
            if (! $isOfIt && $part->kind !== PartKind::Colour && ! ($part->kind === PartKind::Between && $part->spoken === 'of')) {
                break;
            }
        }

        return $from;
    }

    /**
     * "A poof of glitter on the sail": what "of" leads to is read, and stands not in the name.
     *
     * @param  list<Part>  $parts
     */
    private static function leadsToNothing(array $parts, int $at): bool
    {
        $next = $parts[$at + 1] ?? null;
        $following = $parts[$at + 2] ?? null;
        $isRead = $next !== null && in_array(
            $next->kind,
            [PartKind::Colour, PartKind::Medium, PartKind::Tool, PartKind::Time, PartKind::Coats],
            true,
        );

        return $isRead && $parts[$at]->kind === PartKind::Between && $following !== null && ! $following->kind->names()
            && $following->kind !== PartKind::Zone;
    }

    private static function mayStandWithin(Said $said, Part $part, bool $isCounted): bool
    {
        return $part->kind->names() || $part->kind === PartKind::Zone
            || ($part->kind === PartKind::Quality && $part->value === 'size')
            || ($part->kind === PartKind::Count && ! $isCounted)
            || (($part->kind === PartKind::Between || $part->kind === PartKind::Again) && in_array($part->spoken, self::WITHIN, true));
    }

    private static function shortened(string $name): string
    {
        if (mb_strlen($name) <= self::LONGEST) {
            return $name;
        }
        $cut = mb_substr($name, 0, self::LONGEST);

        return trim((string) preg_replace('/\s+\S*$/u', '', $cut));
    }
}
