<?php

declare(strict_types=1);

namespace Core\Design\Wording\Sense;

use Core\Design\Step;
use Core\Design\Wording\Part;
use Core\Design\Wording\PartKind;
use Core\Design\Wording\StepReading;

/** The words by which lines below may speak of a step. */
final readonly class Nouns
{
    /** Words that tell a place on anything, and small words of names. */
    private const NOTHING_MADE = [
        'top', 'bottom', 'end', 'side', 'edge', 'middle', 'centre', 'center', 'corner', 'tip', 'left', 'right', 'the', 'and',
        'with', 'line', 'stroke', 'part', 'white', 'black', 'both', 'step', 'over', 'under', 'row', 'base',
    ];

    /** @return list<string> */
    public static function of(StepReading $reading): array
    {
        $nouns = self::ofStep($reading->step);
        foreach ($reading->parts as $part) {
            if ($part->kind === PartKind::Thing || $part->kind === PartKind::Technique || $part->kind === PartKind::Shape
                || $part->kind === PartKind::Words) {
                $nouns = [...$nouns, ...self::ofPart($part)];
            }
        }

        return array_values(array_unique($nouns));
    }

    /** @return list<string> by its name, and by the shape that it has */
    public static function ofStep(Step $step): array
    {
        preg_match_all('/\p{L}{3,}/u', $step->name, $words);
        $named = array_map(Earlier::noun(...), $words[0]);

        $shaped = $step->mark->shape === null ? [] : [$step->mark->shape->label()];

        return array_values(array_diff([...$named, ...$shaped], self::NOTHING_MADE));
    }

    /** @return list<string> */
    private static function ofPart(Part $part): array
    {
        return array_values(array_diff([Earlier::noun($part->spoken)], self::NOTHING_MADE));
    }
}
