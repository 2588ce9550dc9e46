<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use Core\Kit\Item;
use Core\Kit\ItemKind;
use Core\Kit\ItemValues;
use Core\Kit\Kit;

/** Things of a kit for tests, with everything that a test does not care about filled in. */
final readonly class Things
{
    /** @param  array<string, mixed>  $values  as in ItemValues */
    public static function thing(ItemKind $kind, string $name, array $values = []): Item
    {
        return ItemValues::read($name, ['kind' => $kind->value, 'name' => $name, ...$values]);
    }

    public static function paint(string $name, string $hex = '#2b62b0'): Item
    {
        return self::thing(ItemKind::Paint, $name, ['colours' => [['hex' => $hex]]]);
    }

    public static function cake(string $name, int $lengthMm, string ...$hexes): Item
    {
        $colours = array_map(static fn (string $hex): array => ['hex' => $hex], array_values($hexes));

        return self::thing(ItemKind::Paint, $name, ['paintKind' => 'split', 'lengthMm' => $lengthMm, 'colours' => $colours]);
    }

    public static function kit(Item ...$items): Kit
    {
        return new Kit(array_values($items));
    }
}
