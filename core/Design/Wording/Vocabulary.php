<?php

declare(strict_types=1);

namespace Core\Design\Wording;

use Core\Design\Colour;
use Core\Design\Medium;
use Core\Design\Side;
use Core\Design\Zone;

/** The words that a typed step may use, in the trade's plain terms. */
final readonly class Vocabulary
{
    /** Colours that go by name. Their values are the team's own mixtures. */
    private const COLOURS = [
        'white' => '#fafaf7', 'pearl white' => '#f4f2ec', 'black' => '#1c1c22', 'grey' => '#8a9096', 'sea grey' => '#8593a0', 'slate' => '#4a5563',
        'silver' => '#b9c0c6', 'gold' => '#c9a03c', 'sand' => '#d9b98a', 'brown' => '#6b4a31', 'copper' => '#a5603a', 'red' => '#c62f2f',
        'coral red' => '#d2402f', 'shell pink' => '#eda2c0', 'pink' => '#e77fae', 'orange' => '#ee7d22', 'buoy orange' => '#f08a24',
        'yellow' => '#f5cf3d', 'lamp yellow' => '#f6c945', 'green' => '#3a8f4a', 'kelp green' => '#2f6b4f', 'lime' => '#a4cf4a',
        'turquoise' => '#37b3ad', 'shallow turquoise' => '#55c3bd', 'blue' => '#2f6fb5', 'foam blue' => '#bfe3f2', 'tide blue' => '#3f8fc6',
        'deep blue' => '#1d4e89', 'night blue' => '#1b2a52', 'purple' => '#6a3fa0', 'plum' => '#5b3a86', 'lilac' => '#a98bd6',
    ];

    private const TOOLS = [
        'half sponge' => Medium::Sponge, 'round sponge' => Medium::Sponge, 'petal sponge' => Medium::Sponge, 'teardrop sponge' => Medium::Sponge,
        'lollipop applicator' => Medium::Powder, 'poof bottle' => Medium::Glitter, 'filbert' => Medium::Brush, 'petal brush' => Medium::Brush,
        'wash brush' => Medium::Brush, 'self-stick' => Medium::Gem, 'flat 1/2 in' => Medium::Brush, 'flat 3/4 in' => Medium::Brush,
        'angle 1/2 in' => Medium::Brush, 'round 0' => Medium::Brush, 'round 1' => Medium::Brush, 'round 2' => Medium::Brush,
        'round 3' => Medium::Brush, 'round 4' => Medium::Brush, 'round 5' => Medium::Brush, 'round 6' => Medium::Brush,
    ];

    private const PLURALS = [
        'cheeks' => Zone::Cheek, 'temples' => Zone::Temple, 'brows' => Zone::Brow, 'eyelids' => Zone::Eyelid, 'ears' => Zone::Ear,
        'lids' => Zone::Eyelid, 'hands' => Zone::Hand, 'arms' => Zone::Arm, 'jaws' => Zone::Jaw,
    ];

    private const MORE_ZONES = [
        'lid' => Zone::Eyelid, 'eyebrow' => Zone::Brow, 'lip' => Zone::Lips, 'under eyes' => Zone::UnderEye, 'under the eye' => Zone::UnderEye,
        'under the eyes' => Zone::UnderEye, 'under-eye' => Zone::UnderEye,
    ];

    private const MORE_MEDIA = [
        'sponges' => Medium::Sponge, 'brushes' => Medium::Brush, 'stencils' => Medium::Stencil, 'gems' => Medium::Gem, 'jewel' => Medium::Gem,
    ];

    private const SIDES = [
        'left' => Side::Left, 'left side' => Side::Left, 'right' => Side::Right, 'right side' => Side::Right, 'both' => Side::Both,
        'both sides' => Side::Both, 'both side' => Side::Both, 'each side' => Side::Both, 'centre' => Side::Centre, 'center' => Side::Centre, 'middle' => Side::Centre,
    ];

    /** Words with more than one reading, and the question to ask. */
    private const ASKED = [
        'eye' => 'Is that the eyelid or under the eye? Type “eyelid” or “under eye”.',
        'eyes' => 'Is that the eyelids or under the eyes? Type “eyelids” or “under eyes”.',
        'face' => 'Which part of the face? Name its zones, such as “forehead temple cheek chin”.',
    ];

    private const OPTIONAL = ['optional', 'extra', 'may be left out', 'if there is time'];

    /** Words between things that say nothing of their own. */
    public const BETWEEN = ['and', 'on', 'the', 'in', 'of', 'a', 'an', 'with', 'to', '&', '+', '·', '-'];

    public const NUMBERS = ['one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6];

    private function __construct() {}

    /** @return array<string, array{PartKind, mixed}> meaning by phrase in small letters */
    public static function phrases(): array
    {
        $phrases = [];
        foreach (Zone::cases() as $zone) {
            $phrases[$zone->label()] = [PartKind::Zone, $zone];
        }
        foreach (Medium::cases() as $medium) {
            $phrases[$medium->value] = [PartKind::Medium, $medium];
        }
        $of = static fn (PartKind $kind): \Closure => static fn (mixed $value): array => [$kind, $value];

        return [
            ...$phrases,
            ...array_map($of(PartKind::Zone), self::MORE_ZONES),
            ...array_map($of(PartKind::Zone), self::PLURALS),
            ...array_map($of(PartKind::Medium), self::MORE_MEDIA),
            ...array_map($of(PartKind::Side), self::SIDES),
            ...array_fill_keys(self::OPTIONAL, [PartKind::Optional, true]),
            ...array_map($of(PartKind::Unread), self::ASKED),
            ...array_combine(array_keys(self::TOOLS), array_map($of(PartKind::Tool), array_keys(self::TOOLS))),
            ...array_combine(
                array_keys(self::COLOURS),
                array_map(static fn (string $name): array => [PartKind::Colour, self::colour($name)], array_keys(self::COLOURS)),
            ),
        ];
    }

    public static function mediumOfTool(string $tool): ?Medium
    {
        return self::TOOLS[$tool] ?? null;
    }

    public static function colour(string $name): ?Colour
    {
        return isset(self::COLOURS[$name]) ? Colour::of($name, self::COLOURS[$name]) : null;
    }
}
