<?php

declare(strict_types=1);

namespace Core\Design\Wording;

use Core\Colour\Load;
use Core\Design\Colour;
use Core\Design\Medium;
use Core\Design\Place\Figure;
use Core\Design\Place\FigurePart;
use Core\Design\Place\FigurePlace;
use Core\Design\Place\Guide;
use Core\Design\Place\Landmark;
use Core\Design\Place\Portion;
use Core\Design\Place\Shape;
use Core\Design\Shut;
use Core\Design\Technique;
use Core\Design\Wording\Words\ColourWords;
use Core\Design\Wording\Words\Conditions;
use Core\Design\Wording\Words\Numbers;
use Core\Design\Wording\Words\Phrases;
use Core\Design\Wording\Words\PlainWords;
use Core\Design\Wording\Words\Slips;
use Core\Design\Wording\Words\Things;
use Core\Design\Wording\Words\ToolWords;
use Core\Design\Wording\Words\ZoneWords;

/** The words that a typed step may use: the trade's plain terms, and what a kit calls its own. */
final readonly class Vocabulary
{
    /** @param  array<string, list<Colour>>  $cakes  split cakes by name in small letters */
    private function __construct(public ToolWords $tools, public ColourWords $colours, private array $cakes) {}

    public static function plain(): self
    {
        return self::withKit([], [], []);
    }

    /**
     * The words of a kit come first: its white is the white that is meant.
     *
     * @param  array<string, Medium>  $tools  by name
     * @param  list<Colour>  $colours
     * @param  array<string, list<Colour>>  $cakes  of several colours, by name
     */
    public static function withKit(array $tools, array $colours, array $cakes): self
    {
        $words = ColourWords::withOwn(array_values(array_filter(
            $colours,
            static fn (Colour $colour): bool => self::canBeTyped($colour->name),
        )));

        return new self(
            ToolWords::withOwn(array_filter($tools, self::canBeTyped(...), ARRAY_FILTER_USE_KEY)),
            $words,
            [...$words->usualCakes(), ...array_change_key_case($cakes, CASE_LOWER)],
        );
    }

    public function phrases(): Phrases
    {
        $meanings = $this->meanings();

        return new Phrases($meanings, new Slips($this->words(array_keys($meanings)), $this->likely(), Slips::rightWords()));
    }

    /** Null for what is no tool's name, or is written with other capitals than its owner does. */
    public function mediumOfTool(string $tool): ?Medium
    {
        return $this->tools->mediumOf($tool);
    }

    public function colour(string $name): ?Colour
    {
        return $this->colours->named($name);
    }

    /** @return list<Colour> those of a split cake, by its name in small letters; empty for what is none */
    public function cake(string $name): array
    {
        return $this->cakes[$name] ?? [];
    }

    /** @return array<string, array{PartKind, mixed}> meaning by phrase in small letters; later ones go before earlier ones */
    private function meanings(): array
    {
        $colours = [];
        foreach ($this->colours->names() as $name) {
            $colours[$name] = $this->colours->named($name);
        }

        return [
            ...PlainWords::phrases(),
            ...self::of(PartKind::Thing, Things::words()),
            ...self::of(PartKind::Technique, PlainWords::techniques()),
            ...self::labelled(PartKind::Load, Load::cases()),
            ...self::labelled(PartKind::Shut, Shut::cases()),
            ...self::shapes(),
            ...self::guides(),
            ...self::of(PartKind::Zone, array_fill_keys(ZoneWords::EVERYWHERE, [])),
            ...self::of(
                PartKind::Tool,
                array_map(static fn (array $tool): string => $tool[0], array_diff_key($this->tools->words, ['wipe' => 0, 'wet wipe' => 0])),
            ),
            ...self::of(PartKind::Colour, array_diff_key($colours, ['coral' => 0])),
            ...self::of(PartKind::Zone, ZoneWords::phrases()),
            ...self::of(PartKind::Colour, $this->cakes),
        ];
    }

    /**
     * @param  array<string, mixed>  $words
     * @return array<string, array{PartKind, mixed}>
     */
    private static function of(PartKind $kind, array $words): array
    {
        return array_map(static fn (mixed $value): array => [$kind, $value], $words);
    }

    /**
     * @param  array<Load|Shut>  $cases
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
    private static function shapes(): array
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
        foreach (Shape::cases() as $shape) {
            foreach ($shape->isTexture() ? [] : FigurePlace::cases() as $place) {
                $figure = new Figure($place, $shape);
                $phrases[$figure->label()] = [PartKind::Guide, Guide::figure($figure)];
            }
        }

        foreach (FigurePart::cases() as $part) {
            $phrases["{$part->label()} part"] = [PartKind::Guide, Guide::part($part)];
        }

        return $phrases;
    }

    /**
     * @param  list<string>  $phrases
     * @return list<string> each word of them once
     */
    private function words(array $phrases): array
    {
        return array_values(array_unique([
            ...explode(' ', implode(' ', $phrases)), ...Numbers::SPELLED, 'coat', 'coats', 'inch', 'when', 'minute', 'minutes',
            'seconds', 'before', 'after', 'mixed', ...Conditions::STARTERS,
        ]));
    }

    /** @return list<string> words that are typed more often than others */
    private function likely(): array
    {
        $names = [
            ...$this->colours->names(), ...array_keys(ZoneWords::phrases()), ...array_column(Medium::cases(), 'value'),
            ...array_keys($this->tools->words),
            ...array_map(static fn (Technique $technique): string => $technique->plural(), Technique::cases()),
            ...array_map(static fn (Technique $technique): string => $technique->label(), Technique::cases()),
        ];

        return array_values(array_unique(explode(' ', implode(' ', $names))));
    }

    /** Names with other signs than letters and single blanks are quoted, as any text is. */
    private static function canBeTyped(string $name): bool
    {
        return preg_match('/^(?:round \d+|(?:flat|angle) \d\/\d in|\p{L}[\p{L}\p{M}-]*(?: [\p{L}\p{M}-]+){0,3})$/ui', $name) === 1;
    }
}
