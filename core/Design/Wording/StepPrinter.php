<?php

declare(strict_types=1);

namespace Core\Design\Wording;

use Core\Design\Colour;
use Core\Design\Step;
use Core\Design\Wording\Internal\Tokens;
use Core\Design\Zone;

/** Writes a step as one line that StepReader reads as the same step. */
final readonly class StepPrinter
{
    public static function print(Step $step): string
    {
        $known = Vocabulary::mediumOfTool($step->tool);
        $words = [
            $known === $step->medium ? $step->tool : $step->medium->value,
            ...($known === $step->medium || $step->tool === '' ? [] : ['with '.Tokens::quote($step->tool)]),
            ...array_map(self::colour(...), $step->colours, array_keys($step->colours)),
            ...array_map(static fn (Zone $zone): string => $zone->label(), $step->zones),
            ...($step->side === Reading::sideFor($step->zones) ? [] : [self::side($step)]),
        ];
        $clauses = [
            implode(' ', $words),
            ...($step->coats === 1 ? [] : ["{$step->coats} coats"]),
            $step->time->formatExactly(),
            ...($step->dryFor->isZero() ? [] : ["dry {$step->dryFor->formatExactly()}"]),
            ...($step->optional ? ['optional'] : []),
            ...($step->note === '' ? [] : ['note '.Tokens::quote($step->note)]),
        ];

        return self::name($step).implode(', ', $clauses);
    }

    private static function name(Step $step): string
    {
        if ($step->name === Reading::nameFor($step->medium, $step->colours[0] ?? null, $step->zones[0] ?? null)) {
            return '';
        }
        $plain = preg_match('/^[^":“”\s](?:[^":“”\n\r]*[^":“”\s])?$/u', $step->name) === 1;

        return ($plain ? $step->name : Tokens::quote($step->name)).': ';
    }

    /** A value without a name stands alone at the beginning only: later it would read as the value of the colour before it. */
    private static function colour(Colour $colour, int $place): string
    {
        $known = Vocabulary::colour($colour->name);

        return match (true) {
            $known !== null && $known->equals($colour) => $colour->name,
            $known !== null => "{$colour->name} {$colour->hex}",
            $colour->name === '' && $place === 0 => $colour->hex,
            default => Tokens::quote($colour->name)." {$colour->hex}",
        };
    }

    private static function side(Step $step): string
    {
        return match ($step->side->value) {
            'left' => 'left side',
            'right' => 'right side',
            'both' => 'both sides',
            'centre' => 'centre',
        };
    }
}
