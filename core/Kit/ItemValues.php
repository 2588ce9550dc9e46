<?php

declare(strict_types=1);

namespace Core\Kit;

use Core\Colour\Finish;
use Core\Colour\PaintKind;
use Core\Design\Colour;
use Core\Units\CoreException;

/**
 * A thing of the kit as plain values, ready for JSON: the one written form of it. What is usual is left out.
 *
 * @phpstan-type Values array{
 *     kind: string, name: string, howMany?: int, colours?: list<array{name?: string|null, hex: string}>, paintKind?: string|null,
 *     finish?: string|null, gramsLeft?: int|null, lengthMm?: int|null, widthMm?: int|null, reservedFor?: string|null, skinSafe?: bool,
 *     latex?: bool, gel?: bool, selfStick?: bool
 * }
 */
final readonly class ItemValues
{
    /**
     * What makes no sense for its kind, such as the width of a pot, is dropped.
     *
     * @param  Values  $values
     *
     * @throws CoreException when a value makes no sense
     */
    public static function read(string $id, array $values): Item
    {
        $kind = ItemKind::from($values['kind']);
        $isPaint = $kind === ItemKind::Paint;
        $paintKind = PaintKind::from($values['paintKind'] ?? PaintKind::Wax->value);
        $isSplit = $isPaint && $paintKind === PaintKind::Split;

        return new Item(
            $id,
            $kind,
            trim($values['name']),
            $values['howMany'] ?? 1,
            $kind->hasColours() ? self::colours($values['colours'] ?? [], trim($values['name']), $isSplit) : [],
            $isPaint ? $paintKind : null,
            $isPaint ? Finish::from($values['finish'] ?? Finish::Regular->value) : null,
            $kind->isWeighed() ? $values['gramsLeft'] ?? null : null,
            $isSplit ? $values['lengthMm'] ?? null : null,
            $kind === ItemKind::Sponge ? $values['widthMm'] ?? null : null,
            $kind === ItemKind::Brush ? trim($values['reservedFor'] ?? '') : '',
            ! $kind->goesOnSkin() || ($values['skinSafe'] ?? true),
            $kind === ItemKind::Glue && ($values['latex'] ?? false),
            $kind === ItemKind::Glitter && ($values['gel'] ?? false),
            $kind === ItemKind::Gem && ($values['selfStick'] ?? false),
        );
    }

    /**
     * A cake of one colour gives it its own name.
     *
     * @param  list<array{name?: string|null, hex: string}>  $colours
     * @return list<Colour>
     */
    private static function colours(array $colours, string $name, bool $isSplit): array
    {
        return array_map(
            static fn (array $colour): Colour => Colour::of($isSplit ? trim($colour['name'] ?? '') : $name, $colour['hex']),
            $isSplit ? $colours : array_slice($colours, 0, 1),
        );
    }
}
