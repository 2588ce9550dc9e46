<?php

declare(strict_types=1);

namespace Core\Design\Wording;

use Core\Design\Medium;

/** What has to be asked of a typed step before it is one. */
final readonly class Questions
{
    public const WITH_WHAT = 'With what? Say sponge, brush, stencil, powder, glitter or gem.';

    /** Said once in a step; said twice, one of the two is wrong. */
    private const SINGLE = [
        'time' => PartKind::Time, 'drying time' => PartKind::Drying, 'number of coats' => PartKind::Coats, 'tool' => PartKind::Tool,
        'note' => PartKind::Note, 'side' => PartKind::Side, 'technique' => PartKind::Technique, 'shape' => PartKind::Shape, 'size' => PartKind::Size,
        'turn' => PartKind::Turn, 'load' => PartKind::Load, 'count' => PartKind::Count, 'count for a small face' => PartKind::SmallCount,
        'look value' => PartKind::Look, 'group' => PartKind::Group, 'thing to shut' => PartKind::Shut, 'stop' => PartKind::Stop,
    ];

    /**
     * @param  list<Part>  $parts
     * @return list<string>
     */
    public static function about(array $parts, string $text, Vocabulary $vocabulary): array
    {
        return [
            ...self::unread($parts, $text),
            ...self::twice($parts, $text),
            ...self::media($parts),
            ...self::missing($parts, $vocabulary),
        ];
    }

    /**
     * @param  list<Part>  $parts
     * @return list<string>
     */
    private static function unread(array $parts, string $text): array
    {
        $questions = [];
        foreach ($parts as $part) {
            if ($part->kind !== PartKind::Unread) {
                continue;
            }
            $word = mb_substr($text, $part->start, $part->length);
            $questions[] = match (true) {
                is_string($part->value) => $part->value,
                preg_match('/^\d+([.,]\d+)?$/', $word) === 1 => "{$word} what? Type “{$word}s”, “{$word} min” or “{$word} coats”.",
                default => "What is “{$word}”? To name the step, put it in front with a colon: “{$word}: sponge …”. To keep it as a note: note \"{$word}\".",
            };
        }

        return $questions;
    }

    /**
     * @param  list<Part>  $parts
     * @return list<string>
     */
    private static function twice(array $parts, string $text): array
    {
        $questions = [];
        foreach (self::SINGLE as $name => $kind) {
            $said = array_values(array_filter($parts, static fn (Part $part): bool => $part->kind === $kind));
            $values = array_unique(array_map(static fn (Part $part): string => serialize($part->value), $said));
            if (count($values) > 1) {
                $words = array_map(static fn (Part $part): string => '“'.mb_substr($text, $part->start, $part->length).'”', $said);
                $questions[] = 'Which '.$name.': '.implode(' or ', $words).'?';
            }
        }

        return $questions;
    }

    /**
     * @param  list<Part>  $parts
     * @return list<string>
     */
    private static function media(array $parts): array
    {
        $media = array_unique(array_map(
            static fn (Part $part): string => $part->value instanceof Medium ? $part->value->value : '',
            array_filter($parts, static fn (Part $part): bool => $part->kind === PartKind::Medium),
        ));

        return count($media) < 2 ? [] : ['With which: '.implode(' or ', $media).'? A step uses one; make two steps of it.'];
    }

    /**
     * @param  list<Part>  $parts
     * @return list<string>
     */
    private static function missing(array $parts, Vocabulary $vocabulary): array
    {
        $reading = new Reading($parts, [], $vocabulary);
        $has = static fn (PartKind $kind): bool => in_array($kind, array_column($parts, 'kind'), true);
        $askedWhere = array_filter($parts, static fn (Part $part): bool => $part->kind === PartKind::Unread && $part->value !== null) !== [];

        return array_keys(array_filter([
            self::WITH_WHAT => $reading->medium() === null,
            'Where? Name a zone, such as forehead, cheek or nose.' => ! $has(PartKind::Zone) && ! $askedWhere && $reading->technique()?->needsNoZone() !== true,
        ]));
    }
}
