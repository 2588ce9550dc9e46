<?php

declare(strict_types=1);

namespace App\Console\Commands;

use BackedEnum;
use Core\Colour\Load;
use Core\Design\Defaults;
use Core\Design\Medium;
use Core\Design\NameSays;
use Core\Design\Place\FigurePart;
use Core\Design\Place\Placement;
use Core\Design\Place\Shape;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Shut;
use Core\Design\Technique;
use Core\Kit\ItemKind;
use Core\Line\Ahead\AfterFace;
use Core\Line\Ahead\Quicker;
use Core\Line\Ahead\Spread;
use Core\Line\Ahead\WhoTakesWhom;
use Core\Line\Ahead\Windows;
use Core\Line\Caution;
use Core\Line\Defaults as LineDefaults;
use Core\Line\PauseReason;
use Core\Line\Seating\Roster;
use Core\Plan\Occasion;
use Core\Units\Currency;
use Core\Units\Duration;
use Illuminate\Support\Facades\Lang;

/** What the core knows and the browser must know too, as TypeScript: written by `artisan inch:types`. */
final readonly class BrowserTables
{
    private const LANGUAGES = ['en', 'de', 'fr', 'es'];

    private const WORDS = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR;

    public static function written(): string
    {
        return implode("\n", [
            "// Written by `php artisan inch:types` from core. Do not edit.\n",
            'import type { AfterFace, Caution, ItemKind, Load, Medium, PauseReason, Placement, Shape, Shut, Side, Technique, Zone }'
                ." from './types.gen';\n",
            ...self::ofSteps(),
            ...self::ofTheLine(),
            '/** Of those who went, so many are shown and can be brought back at a tap. */',
            'export const ENDED_SHOWN = '.LineDefaults::ENDED_SHOWN.";\n",
            '/** How painters type a time. */',
            "export const TYPED_MINUTES =\n  ".self::typedMinutes().";\n",
            '/** What makes a face quicker by less is not worth a press. Milliseconds. */',
            'export const QUICKER_WORTH_MS = '.(1000 * Quicker::WORTH_SECONDS).";\n",
            '/** Currencies in use today, with the digits behind the point. */',
            'export const currencies: Record<string, number> = '.json_encode(self::currencies(), self::WORDS).";\n",
            '/** The fixed words of a menu\'s board, by language: lang/. */',
            'export const boardWords = '.json_encode(self::wordsOf('board'), self::WORDS).";\n",
            '/** The fixed words of the board that parents see, by language: lang/. */',
            'export const lineWords = '.json_encode(self::wordsOf('line'), self::WORDS).";\n",
        ]);
    }

    /** @return list<string> what a step is painted with, how and where */
    private static function ofSteps(): array
    {
        $techniques = Technique::cases();
        $label = static fn (Medium|Load|Shut|Placement|Zone|Side $one): string => $one->label();

        return [
            self::record('techniqueNames', 'Technique, string', $techniques, self::nameOf(...)),
            '/** What each medium is used for; the first is the usual. */',
            self::record('techniquesOf', 'Medium, readonly Technique[]', Medium::cases(), self::techniquesOf(...)),
            '/** Those whose strokes or marks can be counted. */',
            'export const countedTechniques: readonly Technique[] = '.self::json(self::values(array_filter(
                $techniques,
                static fn (Technique $one) => $one->isCounted(),
            ))).";\n",
            '/** What a step\'s name says that is drawn: Core\Design\NameSays. */',
            'export const darkens = /'.NameSays::Darkens->value."/iu;\n",
            'export const lights = /'.NameSays::Lights->value."/iu;\n",
            self::record('mediumNames', 'Medium, string', Medium::cases(), $label),
            '/** What is painted with a thing of the kit; null for what nothing is painted with. */',
            self::record('mediumOf', 'ItemKind, Medium | null', ItemKind::cases(), static fn (ItemKind $kind): ?string => $kind
                ->medium()?->value),
            '/** Strokes or marks a side where no count is said. */',
            self::record('usualCounts', 'Technique, number', $techniques, static fn (Technique $one): int => $one->isCounted()
                ? Defaults::usualCount($one)
                : 1),
            '/** The parts of drawn figures. */',
            'export const FigurePartValues = '.self::json(self::values(FigurePart::cases()))." as const;\n",
            "export type FigurePart = (typeof FigurePartValues)[number];\n",
            '/** What each figure may be painted in, from back to front; none for plain forms. */',
            self::record('figureParts', 'Shape, readonly FigurePart[]', Shape::cases(),
                static fn (Shape $one): array => self::values($one->skeleton()?->parts() ?? [])),
            self::record('loadNames', 'Load, string', Load::cases(), $label),
            self::record('shutNames', 'Shut, string', Shut::cases(), $label),
            self::record('placementNames', 'Placement, string', Placement::cases(), $label),
            self::record('zoneNames', 'Zone, string', Zone::cases(), $label),
            self::record('sideNames', 'Side, string', Side::cases(), $label),
        ];
    }

    /** @return list<string> what chairs and names desk count by */
    private static function ofTheLine(): array
    {
        $label = static fn (Caution|PauseReason|AfterFace $one): string => $one->label();

        return [
            self::record('afterFaceNames', 'AfterFace, string', AfterFace::cases(), $label),
            self::record('cautionNames', 'Caution, string', Caution::cases(), $label),
            self::record('pauseReasons', 'PauseReason, string', PauseReason::cases(), $label),
            '/** A note about a child has so many letters at most. */',
            'export const LONGEST_NOTE = '.LineDefaults::LONGEST_NOTE.";\n",
            '/** So many paint on one line at most. */',
            'export const MOST_CHAIRS = '.LineDefaults::MOST_CHAIRS.";\n",
            '/** What a team that begins sets up for. */',
            'export const occasions = '.json_encode(array_column(Occasion::cases(), 'value'), self::WORDS)." as const;\n",
            '/** Who was called and is not there after so many milliseconds is passed over. */',
            'export const NO_SHOW_MS = '.(60_000 * LineDefaults::NO_SHOW_MINUTES).";\n",
            '/** How far a day at the chairs runs off its plan: Core\Line\Ahead\Spread. */',
            'export const spread = '.json_encode(Spread::values(), self::WORDS).";\n",
            '/** How often a line is played to say when each child is called: Core\Line\Ahead\Windows. */',
            'export const linesPlayed = '.json_encode(Windows::values(), self::WORDS).";\n",
            '/** Later than any day ends, in milliseconds from now. */',
            'export const NEVER = '.Roster::NEVER.";\n",
            '/** By what who takes whom is chosen: Core\Line\Ahead\WhoTakesWhom. */',
            'export const takingWhom = '.json_encode(WhoTakesWhom::values(), self::WORDS).";\n",
            '/** After so many faces the water wants changing. */',
            'export const WATER_FACES = '.LineDefaults::WATER_FACES.";\n",
        ];
    }

    /** @return array<string, int> */
    private static function currencies(): array
    {
        $codes = Currency::codes();

        return array_combine($codes, array_map(static fn (string $code): int => Currency::of($code)->digits, $codes));
    }

    /** @return array<string, array<string, string>> by language */
    private static function wordsOf(string $file): array
    {
        return array_map(static function (string $language) use ($file): array {
            /** @var array<string, string> */
            return Lang::get($file, locale: $language);
        }, array_combine(self::LANGUAGES, self::LANGUAGES));
    }

    /** The core's own pattern, as a browser writes it: without the spaces that do not count. */
    private static function typedMinutes(): string
    {
        return substr((string) preg_replace('/\s+/', '', Duration::TYPED), 0, -strlen('xi')).'i';
    }

    /** The word for as many strokes as there usually are. */
    private static function nameOf(Technique $technique): string
    {
        return $technique->isCounted() && Defaults::usualCount($technique) > 1 ? $technique->plural() : $technique->label();
    }

    /** @return list<string> the usual one, then those that are usually done with the medium, then the others that suit it */
    private static function techniquesOf(Medium $medium): array
    {
        $suiting = array_filter(Technique::cases(), static fn (Technique $one): bool => $one->suits($medium));
        $rank = static fn (Technique $one): int => match (true) {
            $one === Technique::usualOf($medium) => 0,
            $one->usualMedium() === $medium => 1,
            default => 2,
        };
        usort($suiting, static fn (Technique $one, Technique $other): int => $rank($one) <=> $rank($other));

        return self::values($suiting);
    }

    /**
     * @template E of BackedEnum
     *
     * @param  string  $of  the types of key and value
     * @param  list<E>  $cases
     * @param  callable(E): (string|int|list<string>|null)  $value
     */
    private static function record(string $name, string $of, array $cases, callable $value): string
    {
        $rows = array_map(static fn (BackedEnum $case): string => "  {$case->value}: ".self::json($value($case)).',', $cases);

        return "export const {$name}: Record<{$of}> = {\n".implode("\n", $rows)."\n};\n";
    }

    /**
     * @param  array<BackedEnum>  $cases
     * @return list<string>
     */
    private static function values(array $cases): array
    {
        return array_values(array_map(static fn (BackedEnum $case): string => (string) $case->value, $cases));
    }

    /** @param  string|int|list<string>|null  $value */
    private static function json(string|int|array|null $value): string
    {
        return str_replace('"', "'", str_replace(',', ', ', json_encode($value, JSON_THROW_ON_ERROR)));
    }
}
