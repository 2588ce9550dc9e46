<?php

declare(strict_types=1);

namespace Core\Plan\Bags;

use Core\Design\Colour;
use Core\Kit\Item;
use Core\Kit\ItemKind;
use Core\Kit\Kit;

/** What each of several artists should have to oneself: kept brushes for black and white, and a half black, half white cake in the hand. */
final readonly class OwnThings
{
    private function __construct() {}

    /**
     * @param  list<string>  $artists  at the chairs, by id
     * @return array<string, list<string>> by artist: of black brush, white brush and the cake, what nobody has for them
     */
    public static function lacking(Kit $kit, array $artists): array
    {
        $lacking = array_fill_keys($artists, []);
        foreach (['black brush', 'white brush', 'half black, half white cake'] as $thing) {
            $isIt = static fn (Item $item): bool => match ($thing) {
                'black brush' => self::keeps($item, $kit, black: true),
                'white brush' => self::keeps($item, $kit, black: false),
                default => (new Kit([$item]))->hasCakeInHand(),
            };
            $there = array_filter($kit->items, static fn (Item $item): bool => $item->howMany > 0 && $isIt($item));
            $owners = array_map(static fn (Item $item): string => $item->owner, $there);
            $teams = array_filter($there, static fn (Item $item): bool => $item->owner === '');
            $pieces = array_sum(array_map(static fn (Item $item): int => $item->howMany, $teams));
            foreach (array_slice(array_values(array_diff($artists, $owners)), $pieces) as $artist) {
                $lacking[$artist][] = $thing;
            }
        }

        return array_filter($lacking, static fn (array $things): bool => $things !== []);
    }

    /**
     * Tools that lie in the bags of several artists under one name: their handles want a mark.
     *
     * @param  list<string>  $artists
     * @return list<string>
     */
    public static function alike(Kit $kit, array $artists): array
    {
        $owners = [];
        foreach ($kit->ofKind(ItemKind::Brush) as $brush) {
            if (in_array($brush->owner, $artists, true)) {
                $owners[mb_strtolower($brush->name)][$brush->owner] = $brush->name;
            }
        }
        $twice = array_filter($owners, static fn (array $names): bool => count($names) > 1);

        return array_values(array_map(static fn (array $names): string => reset($names), $twice));
    }

    private static function keeps(Item $item, Kit $kit, bool $black): bool
    {
        $kept = mb_strtolower($item->reservedFor);
        if ($item->kind !== ItemKind::Brush || $kept === '') {
            return false;
        }
        $paint = $kit->named($kept)->colours[0] ?? null;
        if (! $paint instanceof Colour) {
            return $kept === ($black ? 'black' : 'white');
        }

        return $black ? $paint->luminance() < Colour::NEARLY_BLACK : $paint->luminance() > Colour::NEARLY_WHITE;
    }
}
