<?php

declare(strict_types=1);

namespace Core\Design\Wording\Sense;

use Core\Design\Wording\Part;
use Core\Design\Wording\PartKind;
use Core\Design\Wording\Words\Act;
use Core\Design\Wording\Words\OtherWay;
use Core\Design\Wording\Words\Place;

/** What a line says that is no part of its step, kept for the chair. */
final readonly class Notes
{
    private const LONGEST = 500;

    /** Strokes that tell nothing by themselves. */
    private const UNTOLD = ['same', 'the same', 'edge', 'rest', 'press', 'pull', 'tip', 'heel'];

    /** @param  list<string>  $rest  words that are left of the name */
    public static function of(Said $said, array $rest): string
    {
        $notes = array_map(static fn (Part $part): string => self::noteOf($said, $part), $said->parts);

        return mb_substr(implode(', ', array_unique(array_diff([...$notes, ...$rest], ['']))), 0, self::LONGEST);
    }

    private static function noteOf(Said $said, Part $part): string
    {
        $isKept = match ($part->kind) {
            PartKind::Note => true,
            PartKind::Quality => $part->value === 'stroke' && mb_strlen($part->spoken) > 3 && ! in_array($part->spoken, self::UNTOLD, true),
            PartKind::Act => $part->value instanceof Act && $part->value->technique === null,
            PartKind::Order => $part->value === Place::WhileWet,
            PartKind::Alternative => $part->value instanceof OtherWay && $part->value->saysMore,
            default => false,
        };

        return match (true) {
            ! $isKept => '',
            is_string($part->value) && $part->kind === PartKind::Note => $part->value,
            default => $said->wordsOf($part),
        };
    }
}
