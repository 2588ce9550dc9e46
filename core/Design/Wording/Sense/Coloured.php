<?php

declare(strict_types=1);

namespace Core\Design\Wording\Sense;

use Core\Design\Colour;
use Core\Design\Medium;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Design\Wording\Assumption;
use Core\Design\Wording\Choice;
use Core\Design\Wording\Part;
use Core\Design\Wording\PartKind;
use Core\Design\Wording\Vocabulary;
use Core\Design\Wording\Words\Back;

/**
 * In which colours a step is painted. Line work goes on in the colour of the line work before it; a sponge's new colour does
 * not change the brush's.
 */
final readonly class Coloured
{
    /** Things that have a colour of their own where none is said. Common practice, no source. */
    private const OF_THINGS = [
        'foam' => 'white', 'highlight' => 'white', 'pupil' => 'black', 'sparkle' => 'white', 'shine' => 'white', 'glint' => 'white',
        'teeth' => 'white', 'fang' => 'white', 'snow' => 'white', 'pearl' => 'pearl white', 'whisker' => 'black', 'lash' => 'black',
        'eyelash' => 'black', 'freckle' => 'black', 'eyebrow' => 'black', 'seed' => 'black', 'pip' => 'black', 'eyeliner' => 'black',
        'eye liner' => 'black', 'sparkle dot' => 'white',
    ];

    private const RAINBOW = 'rainbow';

    private const OF_ALL_COLOURS = [self::RAINBOW, 'rainbow arch', 'all colour', 'every colour', 'sprinkle', 'multicoloured'];

    private const CHOICES = ['black', 'white', 'red', 'blue', 'yellow', 'green', 'orange'];

    /**
     * @param  Said|null  $hints  the words of the name in front
     * @return Assumed<list<Colour>>
     */
    public static function of(
        Said $said,
        ?Said $hints,
        References $references,
        Context $context,
        Vocabulary $vocabulary,
        Painted $painted,
    ): Assumed {
        if ($said->has(PartKind::Colour)) {
            return new Assumed(self::asAbove($said, $context));
        }
        if (! $painted->medium->isPaintedOn() || ($painted->technique === Technique::Blend && $painted->medium === Medium::Brush)) {
            return new Assumed($hints?->colours() ?? []);
        }
        [$colours, $because] = self::taken(
            said: $said,
            hints: $hints,
            references: $references,
            context: $context,
            vocabulary: $vocabulary,
            painted: $painted,
        );

        return new Assumed(
            $colours,
            $colours === [] ? null : new Assumption(
                PartKind::Colour,
                implode(
                    ', ',
                    array_map(static fn (Colour $colour): string => $colour->name === '' ? $colour->hex : $colour->name, $colours),
                ),
                $because,
                self::others($colours),
            ),
        );
    }

    /**
     * "The same red" is the red of before, whatever it is called in full.
     *
     * @return list<Colour>
     */
    private static function asAbove(Said $said, Context $context): array
    {
        $colours = $said->colours();
        $saysSame = array_filter(
            $said->all(PartKind::Quality),
            static fn (Part $part): bool => in_array($part->spoken, ['same', 'the same'], true),
        ) !== [];

        return ! $saysSame ? $colours : array_map(static function (Colour $colour) use ($context): Colour {
            foreach ($context->coloursOfLast(static fn (Step $step): bool => array_filter(
                $step->colours,
                static fn (Colour $one): bool => str_ends_with(mb_strtolower($one->name), mb_strtolower($colour->name)),
            ) !== []) as $one) {
                if (str_ends_with(mb_strtolower($one->name), mb_strtolower($colour->name))) {
                    return $one;
                }
            }

            return $colour;
        }, $colours);
    }

    /** @return array{list<Colour>, string} */
    private static function taken(
        Said $said,
        ?Said $hints,
        References $references,
        Context $context,
        Vocabulary $vocabulary,
        Painted $painted,
    ): array {
        $own = self::ofThing($said, $vocabulary);
        $hinted = $hints?->colours() ?? [];
        $last = $context->last()->colours ?? [];
        $headed = $context->heading()->colours;

        return match (true) {
            $hinted !== [] => [$hinted, 'as its name says'],
            $headed !== [] && $painted->medium === Medium::Brush => [$headed, 'as the heading says'],
            $references->looksBack(Back::SameColour) && $last !== [] => [$last, 'as in the line above'],
            $own !== [] => [$own, 'as that usually is'],
            $painted->medium === Medium::Brush => self::ofBrush($context, $vocabulary, $painted->technique),
            $painted->technique === Technique::Blend && $last !== [] => [$last, 'as in the line above'],
            default => self::ofMedium($context, $vocabulary, $painted->medium),
        };
    }

    /** @return list<Colour> */
    private static function ofThing(Said $said, Vocabulary $vocabulary): array
    {
        $named = array_map($said->all(...), [PartKind::Thing, PartKind::Technique, PartKind::Words, PartKind::Zone]);
        foreach (array_merge(...$named) as $part) {
            $noun = Earlier::noun($part->spoken);
            $name = self::OF_THINGS[$noun] ?? null;
            if ($name !== null || in_array($noun, self::OF_ALL_COLOURS, true)) {
                return $name === null ? $vocabulary->cake(self::RAINBOW.' cake') : self::named($name, $vocabulary);
            }
        }

        return [];
    }

    /** @return array{list<Colour>, string} */
    private static function ofBrush(Context $context, Vocabulary $vocabulary, Technique $technique): array
    {
        $brush = static fn (Step $step): bool => $step->medium === Medium::Brush;
        $isDark = in_array($technique, [Technique::Outline, Technique::Whisker, Technique::Lash], true);
        $colours = $context->coloursOfLast(
            $isDark ? static fn (Step $step): bool => $step->medium === Medium::Brush && Earlier::isLineWork($step->technique) : $brush,
        );
        $black = self::named('black', $vocabulary);

        return match (true) {
            $colours !== [] => [$colours, 'as the brush above'],
            $technique === Technique::Fill && $context->coloursOfLast(static fn (): bool => true) !== [] => [
                $context->coloursOfLast(static fn (): bool => true),
                'as in the line above',
            ],
            $isDark, Earlier::isLineWork($technique) => [$black, 'as line work usually is'],
            default => [self::named('white', $vocabulary), 'as accents usually are'],
        };
    }

    /** @return array{list<Colour>, string} */
    private static function ofMedium(Context $context, Vocabulary $vocabulary, Medium $medium): array
    {
        $colours = $context->coloursOfLast(static fn (Step $step): bool => $step->medium === $medium);
        $white = self::named('white', $vocabulary);

        return match (true) {
            $colours !== [] => [$colours, "as the {$medium->value} above"],
            $medium === Medium::Stencil, $medium === Medium::Sponge => [$white, 'as nothing else is said'],
            default => [[], ''],
        };
    }

    /** @return list<Colour> */
    private static function named(string $name, Vocabulary $vocabulary): array
    {
        $colour = $vocabulary->colour($name);

        return $colour === null ? [] : [$colour];
    }

    /**
     * @param  list<Colour>  $taken
     * @return list<Choice>
     */
    private static function others(array $taken): array
    {
        $names = array_diff(self::CHOICES, array_map(static fn (Colour $colour): string => mb_strtolower($colour->name), $taken));

        return array_values(array_map(static fn (string $name): Choice => new Choice($name, "in {$name}"), $names));
    }
}
