<?php

declare(strict_types=1);

namespace Core\Workspace;

use Core\Design\Design;
use Core\Design\Medium;
use Core\Design\Step;
use Core\Kit\ItemKind;
use Core\Kit\Kit;

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
                $things["{$kind->value} {$name}"] = new LaidThing(
                    name: $name,
                    kind: $kind,
                    hex: $hex,
                    isOwned: $isOwned || $kit->items === [],
                    steps: [...($known->steps ?? []), $index + 1],
                );
            }
        }

        return array_values($things);
    }

    /** @return list<array{string, ItemKind, string|null, bool}> name, kind, colour, whether the kit has it */
    private static function thingsOf(Step $step, Kit $kit): array
    {
        $things = [];
        $kind = self::kindOf($step->medium);
        if ($kind !== null) {
            $things[] = $step->tool === '' ? self::anyTool($step, $kind, $kit) : self::toolCalled($step->tool, $kind, $kit);
        }
        $cake = count($step->colours) > 1 ? $kit->splitCakeOf($step->colours) : null;
        if ($cake !== null) {
            return [...$things, [$cake->name, ItemKind::Paint, $cake->colours[0]->hex, true]];
        }
        foreach ($step->medium->isPaintedOn() ? $step->colours : [] as $colour) {
            $own = $kit->nearly(ItemKind::Paint, $colour);
            $things[] = [
                $own === null || $own->isPaintOf($colour) ? ($colour->name === '' ? $colour->hex : $colour->name) : $own->name,
                ItemKind::Paint,
                $colour->hex,
                $own !== null,
            ];
        }

        return $things;
    }

    /** @return array{string, ItemKind, string|null, bool} */
    private static function toolCalled(string $tool, ItemKind $kind, Kit $kit): array
    {
        $own = $kit->named($tool);

        return [$tool, $own->kind ?? $kind, null, $own !== null && $own->howMany > 0];
    }

    /**
     * @return array{string, ItemKind, string|null,
     *     bool} what is taken up where the step names no tool: the glitter of its colour, or any of the kind
     */
    private static function anyTool(Step $step, ItemKind $kind, Kit $kit): array
    {
        $colour = $kind === ItemKind::Glitter || $kind === ItemKind::Gem ? $step->colours[0] ?? null : null;
        $own = $colour === null ? $kit->anyOf($kind) : $kit->nearly($kind, $colour);
        $usual = $colour === null || $colour->name === '' ? $kind->label() : "{$colour->name} {$kind->label()}";

        return [$own->name ?? $usual, $kind, $colour?->hex, $own !== null];
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
