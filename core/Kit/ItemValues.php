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
 *     latex?: bool, gel?: bool, selfStick?: bool, ownerId?: string|null, homeId?: string|null
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
        $owner = $values['ownerId'] ?? '';
        $isSplit = $isPaint && $paintKind === PaintKind::Split;

        return new Item(
            id: $id,
            kind: $kind,
            name: trim($values['name']),
            howMany: $values['howMany'] ?? 1,
            colours: $kind->hasColours() ? self::colours($values['colours'] ?? [], trim($values['name']), $isSplit) : [],
            paintKind: $isPaint ? $paintKind : null,
            finish: $isPaint ? Finish::from($values['finish'] ?? Finish::Regular->value) : null,
            gramsLeft: $kind->isWeighed() ? $values['gramsLeft'] ?? null : null,
            lengthMillimetres: $isSplit ? $values['lengthMm'] ?? null : null,
            widthMillimetres: $kind === ItemKind::Sponge ? $values['widthMm'] ?? null : null,
            reservedFor: $kind === ItemKind::Brush ? trim($values['reservedFor'] ?? '') : '',
            isSkinSafe: ! $kind->goesOnSkin() || ($values['skinSafe'] ?? true),
            hasLatex: $kind === ItemKind::Glue && ($values['latex'] ?? false),
            isGel: $kind === ItemKind::Glitter && ($values['gel'] ?? false),
            isSelfStick: $kind === ItemKind::Gem && ($values['selfStick'] ?? false),
            owner: $owner,
            // What is somebody's own goes home with them.
            home: $owner === '' ? $values['homeId'] ?? '' : '',
        );
    }

    /**
     * Whose bag it is in apart, which is said by an id that means something in one team only.
     *
     * @return Values
     */
    public static function of(Item $item): array
    {
        // A cake of one colour has its name.
        $named = static fn (Colour $colour): array => $item->isSplitCake() ? ['name' => $colour->name] : [];
        $usual = [
            'howMany' => 1, 'colours' => [], 'paintKind' => null, 'finish' => null, 'gramsLeft' => null, 'lengthMm' => null,
            'widthMm' => null, 'reservedFor' => '', 'skinSafe' => true, 'latex' => false, 'gel' => false, 'selfStick' => false,
        ];
        $all = [
            'howMany' => $item->howMany,
            'colours' => array_map(static fn (Colour $one): array => [...$named($one), 'hex' => $one->hex], $item->colours),
            'paintKind' => $item->paintKind?->value,
            'finish' => $item->finish?->value,
            'gramsLeft' => $item->gramsLeft,
            'lengthMm' => $item->lengthMillimetres,
            'widthMm' => $item->widthMillimetres,
            'reservedFor' => $item->reservedFor,
            'skinSafe' => $item->isSkinSafe,
            'latex' => $item->hasLatex,
            'gel' => $item->isGel,
            'selfStick' => $item->isSelfStick,
        ];
        $said = array_filter($all, static fn (mixed $value, string $key): bool => $value !== $usual[$key], ARRAY_FILTER_USE_BOTH);

        return ['kind' => $item->kind->value, 'name' => $item->name, ...$said];
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
