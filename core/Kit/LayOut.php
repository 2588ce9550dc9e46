<?php

declare(strict_types=1);

namespace Core\Kit;

use Core\Design\Design;
use Core\Design\Medium;
use Core\Design\Step;

/** What to lay out on the table for a design, in the order it is taken up. */
final readonly class LayOut
{
    /**
     * A kit that is still empty lacks nothing.
     *
     * @return list<LaidThing>
     */
    public static function of(Design $design, Kit $kit): array
    {
        $things = [];
        foreach ($design->steps as $index => $step) {
            foreach (self::thingsOf($step, $kit) as [$name, $kind, $hex, $isOwned]) {
                $known = $things["{$kind->value} {$name}"] ?? null;
                $things["{$kind->value} {$name}"] = new LaidThing($name, $kind, $hex, $isOwned || $kit->items === [], [...($known->steps ?? []), $index + 1]);
            }
        }

        return array_values($things);
    }

    /** @return list<array{string, ItemKind, string|null, bool}> name, kind, colour, whether the kit has it */
    private static function thingsOf(Step $step, Kit $kit): array
    {
        $things = [];
        $kind = self::kindOf($step->medium);
        if ($step->tool !== '' && $kind !== null) {
            $own = $kit->named($step->tool);
            $things[] = [$step->tool, $own->kind ?? $kind, null, $own !== null && $own->howMany > 0];
        }
        $cake = count($step->colours) > 1 ? $kit->splitCakeOf($step->colours) : null;
        if ($cake !== null) {
            return [...$things, [$cake->name, ItemKind::Paint, $cake->colours[0]->hex, true]];
        }
        foreach ($step->medium->isPaintedOn() ? $step->colours : [] as $colour) {
            $things[] = [$colour->name === '' ? $colour->hex : $colour->name, ItemKind::Paint, $colour->hex, $kit->hasColour($colour)];
        }

        return $things;
    }

    private static function kindOf(Medium $medium): ?ItemKind
    {
        return match ($medium) {
            Medium::Sponge => ItemKind::Sponge,
            Medium::Brush => ItemKind::Brush,
            Medium::Stencil => ItemKind::Stencil,
            Medium::Powder => ItemKind::Applicator,
            Medium::Glitter => ItemKind::Glitter,
            Medium::Gem => ItemKind::Gem,
            Medium::Bare => null,
        };
    }
}
