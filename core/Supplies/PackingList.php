<?php

declare(strict_types=1);

namespace Core\Supplies;

use Core\Design\Colour;
use Core\Design\Design;
use Core\Design\Medium;
use Core\Kit\Item;
use Core\Kit\ItemKind;
use Core\Kit\Kit;

/** What an event needs in the bag, and what of it the kit has not got. */
final readonly class PackingList
{
    private function __construct(private Kit $kit, private Thrift $thrift) {}

    /**
     * @param  list<array{Design, int}>  $menu  each design with the faces to bring for
     * @param  int  $faces  of all designs together, the margin in it
     * @return list<Packed>
     */
    public static function of(array $menu, int $faces, Kit $kit, ?Thrift $thrift = null): array
    {
        $list = new self($kit, $thrift ?? Thrift::asEstimated());

        return [
            ...$list->paints($menu), ...$list->sponges($menu), ...$list->tools($menu), ...$list->glitter($menu), ...$list->gems($menu),
            $list->kindOf(ItemKind::Wipe, 'wipes', $faces * Defaults::WIPES_A_FACE),
            new Packed(
                kind: 'water', name: 'water changes', amount: ceil($faces / Defaults::FACES_A_WATER), unit: Unit::Times, have: null,
                isInKit: true,
            ),
        ];
    }

    /**
     * @param  list<array{Design, int}>  $menu
     * @return list<Packed> the most needed first
     */
    private function paints(array $menu): array
    {
        $grams = $colours = [];
        foreach ($menu as [$design, $faces]) {
            foreach (UsedUp::of($design)->paint as $hex => ['colour' => $colour, 'grams' => $each]) {
                $grams[$hex] = ($grams[$hex] ?? 0.0) + $faces * $each * $this->thrift->paint;
                $colours[$hex] ??= $colour;
            }
        }
        arsort($grams);

        return array_map(function (string $hex) use ($grams, $colours): Packed {
            $paint = $this->kit->paintOf($colours[$hex]) ?? $this->kit->nearly(ItemKind::Paint, $colours[$hex]);
            $name = $paint->name ?? ($colours[$hex]->name === '' ? $hex : $colours[$hex]->name);

            return new Packed(
                kind: 'paint',
                name: $name,
                amount: round($grams[$hex], 1),
                unit: Unit::Grams,
                have: $paint?->gramsLeft === null ? null : (float) $paint->gramsLeft,
                isInKit: $paint !== null && $paint->howMany > 0,
                colour: Colour::of($name, $hex),
            );
        }, array_keys($grams));
    }

    /**
     * @param  list<array{Design, int}>  $menu
     * @return list<Packed> one child, one clean sponge of each kind
     */
    private function sponges(array $menu): array
    {
        $needed = [];
        foreach ($menu as [$design, $faces]) {
            foreach (UsedUp::of($design)->sponges as $name) {
                $needed[$name] = ($needed[$name] ?? 0) + $faces;
            }
        }

        return $this->pieces('sponge', $needed);
    }

    /**
     * @param  list<array{Design, int}>  $menu
     * @return list<Packed> what lies on the table and is not used up
     */
    private function tools(array $menu): array
    {
        $tools = [];
        foreach ($menu as [$design]) {
            foreach ($design->steps as $step) {
                $isKept = $step->tool !== '' && ! in_array($step->medium, [Medium::Sponge, Medium::Glitter, Medium::Gem], true);
                $tools += $isKept ? [$step->tool => 1] : [];
            }
        }

        return $this->pieces('tool', $tools);
    }

    /**
     * @param  list<array{Design, int}>  $menu
     * @return list<Packed>
     */
    private function glitter(array $menu): array
    {
        $grams = [];
        foreach ($menu as [$design, $faces]) {
            foreach (UsedUp::of($design)->glitter as $name => $each) {
                $grams[$name] = ($grams[$name] ?? 0.0) + $faces * $each * $this->thrift->glitter;
            }
        }

        return array_map(function (string $name, float $amount): Packed {
            $item = $this->kit->named($name);

            return new Packed(
                kind: 'glitter', name: $name, amount: round($amount, 1), unit: Unit::Grams,
                have: $item?->gramsLeft === null ? null : (float) $item->gramsLeft, isInKit: ($item->howMany ?? 0) > 0,
            );
        }, array_keys($grams), $grams);
    }

    /**
     * @param  list<array{Design, int}>  $menu
     * @return list<Packed> gems, and the glue of those that do not stick by themselves
     */
    private function gems(array $menu): array
    {
        $gems = [];
        $glued = 0;
        foreach ($menu as [$design, $faces]) {
            foreach (UsedUp::of($design)->gems as $name => $each) {
                $gems[$name] = ($gems[$name] ?? 0) + $faces * $each;
                $glued += $this->kit->named($name)?->isSelfStick === true ? 0 : $faces * $each;
            }
        }
        $glue = $this->kit->ofKind(ItemKind::Glue)[0] ?? null;

        return [...$this->pieces('gem', $gems), ...($glued === 0 ? [] : [new Packed(
            kind: 'glue', name: $glue->name ?? 'skin glue', amount: round($glued * Defaults::GLUE_GRAMS, 1), unit: Unit::Grams,
            have: null, isInKit: $glue !== null,
        )])];
    }

    /**
     * @param  array<string, int>  $needed  by name
     * @return list<Packed>
     */
    private function pieces(string $kind, array $needed): array
    {
        return array_map(function (string $name, int $amount) use ($kind): Packed {
            $item = $this->kit->named($name);
            // Sponges and gems are washed or bought by the bag: one in the kit says that there are some, not how many.
            $isCounted = $item instanceof Item && $item->howMany > 1;

            return new Packed(
                kind: $kind, name: $name, amount: (float) $amount, unit: Unit::Pieces,
                have: $kind === 'tool' || $isCounted ? (float) ($item->howMany ?? 0) : null, isInKit: ($item->howMany ?? 0) > 0,
            );
        }, array_keys($needed), $needed);
    }

    private function kindOf(ItemKind $kind, string $name, int $amount): Packed
    {
        $items = $this->kit->ofKind($kind);
        $have = array_sum(array_map(static fn (Item $item): int => $item->howMany, $items));

        return new Packed(
            kind: $kind->value, name: $name, amount: (float) $amount, unit: Unit::Pieces,
            have: $have > count($items) ? (float) $have : null, isInKit: $have > 0,
        );
    }
}
