<?php

declare(strict_types=1);

namespace Core\Design\Wording;

use Core\Colour\Load;
use Core\Design\Alternative;
use Core\Design\Colour;
use Core\Design\Defaults;
use Core\Design\Medium;
use Core\Design\Place\Guide;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Shut;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Design\Wording\Sense\Naming;
use Core\Design\Wording\Sense\Remarks;
use Core\Design\Wording\Sense\Sides;
use Core\Design\Wording\Words\PlainWords;
use Core\Design\Wording\Words\Tokens;

/** Writes a step as one line that ListReader reads as the same step. */
final readonly class StepPrinter
{
    public function __construct(private Vocabulary $vocabulary) {}

    public function print(Step $step): string
    {
        $words = [
            $this->tool($step->medium, $step->tool),
            ...$this->strokes(
                $step->technique,
                $step->count,
                ! self::saysStroke($step->medium) && $step->technique === Technique::usualOf($step->medium),
            ),
            ...($step->mark->shape === null ? [] : ["{$step->mark->shape->label()} shape"]),
            ...($step->colours === [] && $step->medium->isPaintedOn() ? ['no colour'] : array_map(
                $this->colour(...),
                $step->colours,
                array_keys($step->colours),
            )),
            ...array_map(static fn (Zone $zone): string => $zone->label(), $step->zones),
            ...($step->side === Side::Centre && Sides::usual($step->zones) === Side::Centre ? [] : [self::side($step->side)]),
        ];
        $clauses = [
            implode(' ', $words),
            ...array_map(static fn (Guide $guide): string => $guide->label(), $step->mark->guides),
            ...($step->mark->sizePercent === 100 ? [] : ["size {$step->mark->sizePercent}%"]),
            ...($step->mark->turnDegrees === 0 ? [] : ["turn {$step->mark->turnDegrees}°"]),
            ...($step->coats === 1 ? [] : ["{$step->coats} coats"]),
            ...($step->load === Load::Normal ? [] : [$step->load->label()]),
            ...($step->smallCount === null ? [] : ["{$step->smallCount} on a small face"]),
            ...($step->time === null ? [] : [$step->time->formatExactly()]),
            ...($step->dryFor->isZero() ? [] : ["dry {$step->dryFor->formatExactly()}"]),
            ...($step->shut === Shut::usualFor($step->zones, $step->medium) ? [] : [$step->shut?->label() ?? 'nothing shut']),
            ...($step->optional ? ['optional'] : []),
            ...($step->look === Defaults::USUAL_LOOK ? [] : ["look {$step->look}"]),
            ...($step->group === '' ? [] : ['group '.Tokens::quote($step->group)]),
            ...array_map(fn (Alternative $way): string => $this->alternative($step, $way), $step->alternatives),
            ...($step->stopAfter === null ? [] : [$step->stopAfter ? 'stop here' : 'no stop here']),
            ...($step->note === '' ? [] : ['note '.Tokens::quote($step->note)]),
        ];

        return self::name($step).implode(', ', $clauses);
    }

    /** A brush and a bare hand do too many things for one of them to be understood. */
    private static function saysStroke(Medium $medium): bool
    {
        return $medium === Medium::Brush || $medium === Medium::Bare;
    }

    private static function medium(Medium $medium): string
    {
        return $medium === Medium::Bare ? 'bare hands' : $medium->value;
    }

    /** A tool that says its medium stands alone. */
    private function tool(Medium $medium, string $tool): string
    {
        return match (true) {
            $this->vocabulary->mediumOfTool($tool) === $medium => $tool,
            $tool === '' => self::medium($medium),
            default => self::medium($medium).' with '.Tokens::quote($tool),
        };
    }

    private function alternative(Step $step, Alternative $way): string
    {
        $saysMore = $way->coats !== null || $way->count !== null || $way->side !== null || $way->time !== null || $way->look !== null;
        $isSame = $saysMore && $way->medium === $step->medium && $way->technique === $step->technique && $way->tool === $step->tool;

        return implode(' ', [
            'or',
            ...($isSame ? [] : [$this->tool($way->medium, $way->tool)]),
            ...$this->strokes($way->technique, $way->count, $isSame || $way->technique === Technique::usualOf($way->medium)),
            ...($way->coats === null ? [] : ["{$way->coats} coats"]),
            ...($way->side === null ? [] : [self::side($way->side)]),
            ...($way->time === null ? [] : [$way->time->formatExactly()]),
            ...($way->look === null ? [] : ["look {$way->look}"]),
        ]);
    }

    /** @return list<string> */
    private function strokes(Technique $technique, ?int $count, bool $isUnderstood): array
    {
        return match (true) {
            $count !== null => [$technique === Technique::Gem ? "{$count} gems" : "{$count} {$technique->plural()}"],
            $isUnderstood => [],
            default => [$technique->label()],
        };
    }

    private static function name(Step $step): string
    {
        if ($step->name === Naming::usual($step->medium, $step->technique, $step->colours, $step->zones)) {
            return '';
        }
        // What would begin a list, part two steps or say something of its own is quoted.
        $plain = preg_match('/^\p{L}[\p{L}\p{M}\p{N} \'’-]*[\p{L}\p{N}]$/u', $step->name) === 1 && preg_match(
            '/\bthen\b|^(?:step|no|schritt|before|after|when|once|while|as|if|until)\b|^\p{L}$/iu',
            $step->name,
        ) !== 1 && ! PlainWords::saysWhen(mb_strtolower($step->name)) && ! Remarks::mayBeOne($step->name);

        return ($plain ? $step->name : Tokens::quote($step->name)).': ';
    }

    /** A value without a name stands alone at the beginning only: later it would read as the value of the colour before it. */
    private function colour(Colour $colour, int $place): string
    {
        $known = $this->vocabulary->colour($colour->name);

        return match (true) {
            $known !== null && $known->equals($colour) => $colour->name,
            $known !== null => "{$colour->name} {$colour->hex}",
            $colour->name === '' && $place === 0 => $colour->hex,
            default => Tokens::quote($colour->name)." {$colour->hex}",
        };
    }

    private static function side(Side $side): string
    {
        return match ($side->value) {
            'left' => 'left side',
            'right' => 'right side',
            'both' => 'both sides',
            'centre' => 'centre',
        };
    }
}
