<?php

declare(strict_types=1);

namespace Core\Design\Wording;

use Core\Design\Colour;
use Core\Design\Guide;
use Core\Design\Landmark;
use Core\Design\Load;
use Core\Design\Medium;
use Core\Design\Portion;
use Core\Design\Shape;
use Core\Design\Shut;
use Core\Design\Side;
use Core\Design\Technique;
use Core\Design\Zone;

/** The words that a typed step may use: the trade's plain terms, and what a kit calls its own. */
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
        'damp bud' => Medium::Bare, 'wipe' => Medium::Bare, 'skin glue' => Medium::Gem,
    ];

    private const PLURALS = [
        'cheeks' => Zone::Cheek, 'temples' => Zone::Temple, 'brows' => Zone::Brow, 'eyelids' => Zone::Eyelid, 'ears' => Zone::Ear,
        'lids' => Zone::Eyelid, 'hands' => Zone::Hand, 'arms' => Zone::Arm, 'jaws' => Zone::Jaw, 'cheekbones' => Zone::Cheekbone,
        'nostrils' => Zone::Nostril, 'mouth corners' => Zone::MouthCorner, 'eye sockets' => Zone::EyeSocket, 'lower cheeks' => Zone::LowerCheek,
        'wrists' => Zone::Wrist, 'forearms' => Zone::Forearm,
    ];

    private const MORE_ZONES = [
        'lid' => Zone::Eyelid, 'eyebrow' => Zone::Brow, 'lip' => Zone::Lips, 'under eyes' => Zone::UnderEye, 'under the eye' => Zone::UnderEye,
        'under the eyes' => Zone::UnderEye, 'under-eye' => Zone::UnderEye, 'between the brows' => Zone::BetweenBrows,
        'bridge of the nose' => Zone::NoseBridge, 'tip of the nose' => Zone::NoseTip, 'outer eye corner' => Zone::OuterEye,
        'corner of the mouth' => Zone::MouthCorner, 'back of the hand' => Zone::Hand, 'upper arm' => Zone::Arm,
    ];

    private const MORE_MEDIA = [
        'bud' => Medium::Bare, 'bare hands' => Medium::Bare,
        'sponges' => Medium::Sponge, 'brushes' => Medium::Brush, 'stencils' => Medium::Stencil, 'gems' => Medium::Gem, 'jewel' => Medium::Gem,
    ];

    private const SIDES = [
        'left' => Side::Left, 'left side' => Side::Left, 'right' => Side::Right, 'right side' => Side::Right, 'both' => Side::Both,
        'one side' => Side::Right, 'both sides' => Side::Both, 'both side' => Side::Both, 'each side' => Side::Both, 'centre' => Side::Centre, 'center' => Side::Centre, 'middle' => Side::Centre,
    ];

    /** Shapes whose plain word is also a place, a technique or a thing of another kind: they say "shape" as well. */
    private const SHARED_WORDS = [Shape::Nose, Shape::Muzzle, Shape::Eye, Shape::Mask, Shape::Leaf, Shape::Flower, Shape::Heart, Shape::Feather];

    private const MORE_TECHNIQUES = [
        'stippled' => Technique::Stipple, 'swept' => Technique::Sweep, 'blended' => Technique::Blend, 'filled' => Technique::Fill, 'tears' => Technique::Teardrop,
        'tear' => Technique::Teardrop, 'dot' => Technique::Dots, 'gel' => Technique::GlitterGel, 'gel glitter' => Technique::GlitterGel,
        'one-stroke petal' => Technique::Petal, 'one-stroke petals' => Technique::Petal, 'outlined' => Technique::Outline, 'tidy up' => Technique::Tidy,
        'double swirls' => Technique::DoubleSwirl, 'star burst' => Technique::Starburst, 'star bursts' => Technique::Starburst, 'lift-off' => Technique::LiftOff,
        'let it dry' => Technique::Wait,
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

    /** Words behind a count of strokes that say it is the one for a small face. */
    public const SMALL_FACE = ['on a small face', 'small face', 'on small faces', 'if small'];

    public const NUMBERS = ['one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6];

    /**
     * @param  array<string, array{string, Medium}>  $tools  each with its name as its owner writes it, by name in small letters
     * @param  array<string, Colour>  $colours  by name in small letters
     */
    private function __construct(private array $tools, private array $colours) {}

    public static function plain(): self
    {
        return new self(self::toolsByName(self::TOOLS), array_map(static fn (string $name): Colour => Colour::of($name, self::COLOURS[$name]), self::named(self::COLOURS)));
    }

    /**
     * The words of a kit come first: its white is the white that is meant.
     *
     * @param  array<string, Medium>  $tools  by name
     * @param  list<Colour>  $colours
     */
    public static function withKit(array $tools, array $colours): self
    {
        $plain = self::plain();
        $byName = [];
        foreach ($colours as $colour) {
            $byName[mb_strtolower($colour->name)] = $colour;
        }

        return new self(
            array_filter([...$plain->tools, ...self::toolsByName($tools)], self::canBeTyped(...), ARRAY_FILTER_USE_KEY),
            array_filter([...$plain->colours, ...$byName], self::canBeTyped(...), ARRAY_FILTER_USE_KEY),
        );
    }

    /** @return array<string, array{PartKind, mixed}> meaning by phrase in small letters */
    public function phrases(): array
    {
        $of = static fn (PartKind $kind): \Closure => static fn (mixed $value): array => [$kind, $value];

        return [
            ...self::labelled(PartKind::Shape, array_filter(Shape::cases(), static fn (Shape $shape): bool => ! in_array($shape, self::SHARED_WORDS, true))),
            ...self::shapesInFull(),
            ...self::labelled(PartKind::Zone, Zone::cases()),
            ...array_map($of(PartKind::Medium), self::mediaWords()),
            ...array_map($of(PartKind::Technique), self::techniqueWords()),
            ...array_map($of(PartKind::Zone), self::MORE_ZONES),
            ...array_map($of(PartKind::Zone), self::PLURALS),
            ...array_map($of(PartKind::Medium), self::MORE_MEDIA),
            ...array_map($of(PartKind::Side), self::SIDES),
            ...self::labelled(PartKind::Load, Load::cases()),
            ...self::labelled(PartKind::Shut, Shut::cases()),
            ...self::guides(),
            ...array_fill_keys(self::OPTIONAL, [PartKind::Optional, true]),
            'stop here' => [PartKind::Stop, true],
            'no stop here' => [PartKind::Stop, false],
            ...array_map($of(PartKind::Unread), self::ASKED),
            ...array_map($of(PartKind::Tool), array_map(static fn (array $tool): string => $tool[0], $this->tools)),
            ...array_map($of(PartKind::Colour), $this->colours),
        ];
    }

    /** Null for what is no tool's name, or is written with other capitals than its owner does. */
    public function mediumOfTool(string $tool): ?Medium
    {
        [$name, $medium] = $this->tools[mb_strtolower($tool)] ?? ['', null];

        return $name === $tool ? $medium : null;
    }

    public function colour(string $name): ?Colour
    {
        return $this->colours[$name] ?? null;
    }

    /** @return array<string, Technique> */
    public static function techniqueWords(): array
    {
        $words = self::MORE_TECHNIQUES;
        foreach (Technique::cases() as $technique) {
            if ($technique !== Technique::Stencil && $technique !== Technique::Powder && $technique !== Technique::Gem) {
                $words += [$technique->label() => $technique, $technique->plural() => $technique];
            }
        }

        return $words;
    }

    /**
     * @param  array<string, Medium>  $tools  by name
     * @return array<string, array{string, Medium}>
     */
    private static function toolsByName(array $tools): array
    {
        $byName = [];
        foreach ($tools as $name => $medium) {
            $byName[mb_strtolower($name)] = [$name, $medium];
        }

        return $byName;
    }

    /** @return array<string, Medium> */
    private static function mediaWords(): array
    {
        $words = [];
        foreach (Medium::cases() as $medium) {
            $words[$medium->value] = $medium;
        }

        return $words;
    }

    /**
     * @param  array<Zone|Shape|Load|Shut>  $cases
     * @return array<string, array{PartKind, mixed}>
     */
    private static function labelled(PartKind $kind, array $cases): array
    {
        $phrases = [];
        foreach ($cases as $case) {
            $phrases[$case->label()] = [$kind, $case];
        }

        return $phrases;
    }

    /** @return array<string, array{PartKind, mixed}> */
    private static function shapesInFull(): array
    {
        $phrases = [];
        foreach (Shape::cases() as $shape) {
            $phrases["{$shape->label()} shape"] = [PartKind::Shape, $shape];
        }

        return $phrases;
    }

    /** @return array<string, array{PartKind, mixed}> */
    private static function guides(): array
    {
        $phrases = [];
        foreach (Landmark::cases() as $landmark) {
            $phrases["aim {$landmark->label()}"] = [PartKind::Guide, Guide::aim($landmark)];
            $phrases["aim at {$landmark->label()}"] = [PartKind::Guide, Guide::aim($landmark)];
        }
        foreach (Portion::cases() as $portion) {
            $phrases[$portion->label()] = [PartKind::Guide, Guide::portion($portion)];
        }

        return $phrases;
    }

    /** Names with other signs than letters and single blanks are quoted, as any text is. */
    private static function canBeTyped(string $name): bool
    {
        return isset(self::TOOLS[$name]) || preg_match('/^\p{L}[\p{L}\p{M}]*(?: [\p{L}\p{M}]+){0,3}$/u', $name) === 1;
    }

    /**
     * @param  array<string, string>  $values
     * @return array<string, string> each name by itself
     */
    private static function named(array $values): array
    {
        return array_combine(array_keys($values), array_keys($values));
    }
}
