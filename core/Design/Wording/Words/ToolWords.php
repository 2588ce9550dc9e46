<?php

declare(strict_types=1);

namespace Core\Design\Wording\Words;

use Core\Design\Medium;
use Core\Design\Technique;

/** What painters call their tools, and which of a kit's tools they mean by it. */
final readonly class ToolWords
{
    private const USUAL = [
        'half sponge' => Medium::Sponge, 'round sponge' => Medium::Sponge, 'petal sponge' => Medium::Sponge,
        'teardrop sponge' => Medium::Sponge,
        'lollipop applicator' => Medium::Powder, 'poof bottle' => Medium::Glitter, 'filbert' => Medium::Brush,
        'petal brush' => Medium::Brush,
        'wash brush' => Medium::Brush, 'self-stick' => Medium::Gem, 'flat 1/2 in' => Medium::Brush, 'flat 3/4 in' => Medium::Brush,
        'angle 1/2 in' => Medium::Brush, 'round 0' => Medium::Brush, 'round 1' => Medium::Brush, 'round 2' => Medium::Brush,
        'round 3' => Medium::Brush, 'round 4' => Medium::Brush, 'round 5' => Medium::Brush, 'round 6' => Medium::Brush,
        'damp bud' => Medium::Bare, 'wipe' => Medium::Bare, 'skin glue' => Medium::Gem,
    ];

    /** By the word for it: the tools that may be meant, the likeliest first. */
    private const MEANT = [
        'liner' => ['liner', 'round 1', 'round 0', 'round 2'], 'liner brush' => ['liner', 'round 1', 'round 0', 'round 2'],
        'detail brush' => ['detail brush', 'round 1', 'round 0', 'round 2'], 'fine brush' => ['round 1', 'round 0', 'round 2'],
        'thin brush' => ['round 1', 'round 2'],
        'script brush' => ['script', 'round 1', 'round 0', 'round 2'], 'script liner' => ['script', 'round 1', 'round 0'],
        'small brush' => ['round 2', 'round 1'], 'small round' => ['round 2', 'round 1'], 'medium brush' => ['round 4', 'round 3'],
        'medium round' => ['round 4', 'round 3'],
        'big brush' => ['round 6', 'round 5', 'wash brush'], 'large brush' => ['round 6', 'round 5', 'wash brush'],
        'big round' => ['round 6', 'round 5'], 'round brush' => ['round 4', 'round 3'],
        'flat' => ['flat 1/2 in', 'flat 3/4 in'], 'flat brush' => ['flat 1/2 in', 'flat 3/4 in'], 'small flat' => ['flat 1/2 in'],
        'big flat' => ['flat 3/4 in', 'flat 1/2 in'],
        'big flat brush' => ['flat 3/4 in', 'wash brush', 'flat 1/2 in'],
        'large flat brush' => ['flat 3/4 in', 'wash brush', 'flat 1/2 in'], 'wide flat' => ['flat 3/4 in'],
        'one-stroke brush' => ['flat 3/4 in', 'flat 1/2 in'], '1-stroke brush' => ['flat 3/4 in', 'flat 1/2 in'],
        'angle brush' => ['angle 1/2 in', 'flat 1/2 in'], 'angled brush' => ['angle 1/2 in', 'flat 1/2 in'],
        'filbert brush' => ['filbert'], 'fan brush' => ['fan', 'wash brush'], 'fan' => ['fan', 'wash brush'], 'mop brush' => ['wash brush'],
        'half-sponge' => ['half sponge'], '1/2 sponge' => ['half sponge'], 'half round sponge' => ['half sponge'],
        'half moon sponge' => ['half sponge'], 'sponge half' => ['half sponge'],
        'flower sponge' => ['petal sponge'], 'tear sponge' => ['teardrop sponge'], 'drop sponge' => ['teardrop sponge'],
        'lollipop' => ['lollipop applicator'], 'wand' => ['lollipop applicator'], 'smoothing applicator' => ['lollipop applicator'],
        'powder puff' => ['lollipop applicator'],
        'applicator' => ['lollipop applicator'], 'smoothie' => ['lollipop applicator'], 'poofer' => ['poof bottle'],
        'puffer' => ['poof bottle'], 'puffer bottle' => ['poof bottle'],
        'self stick' => ['self-stick'], 'selfstick' => ['self-stick'], 'stick-on' => ['self-stick'], 'stick on' => ['self-stick'],
        'glue' => ['skin glue'],
        'cotton bud' => ['damp bud'], 'q-tip' => ['damp bud'], 'q tip' => ['damp bud'], 'wet bud' => ['damp bud'],
        'moist bud' => ['damp bud'], 'wet wipe' => ['wipe'], 'baby wipe' => ['wipe'],
    ];

    /** What says what is meant by a tool that a kit may not have under this name. */
    private const WITH = [
        'dauber' => Medium::Sponge, 'finger dauber' => Medium::Sponge, 'sponge dauber' => Medium::Sponge,
        'stipple sponge' => Medium::Sponge,
    ];

    /**
     * By technique: brushes in the order they are reached for. Common practice, no source: hair lines 0-1, outlines 2-3,
     * stripes and petals 4-5.
     */
    private const REACHED_FOR = [
        'fine' => ['round 1', 'round 0', 'round 2'], 'middle' => ['round 2', 'round 3', 'round 1', 'round 4'],
        'broad' => ['round 4', 'round 5', 'round 3', 'round 6'],
        'fill' => ['round 6', 'round 5', 'round 4', 'filbert'],
    ];

    /**
     * @param  array<string, array{string, Medium}>  $tools  each with its name as its owner writes it, by name in small letters
     * @param  array<string, array{string, Medium}>  $words  the same, by the word for it in small letters
     * @param  array<string, string>  $brushes  those to choose from, by name in small letters
     */
    private function __construct(private array $tools, public array $words, private array $brushes) {}

    /** @param  array<string, Medium>  $own  by name */
    public static function withOwn(array $own): self
    {
        $tools = [];
        foreach ([...self::USUAL, ...$own] as $name => $medium) {
            $tools[mb_strtolower($name)] = [$name, $medium];
        }

        $brushes = [];
        foreach (in_array(Medium::Brush, $own, true) ? $own : self::USUAL as $name => $medium) {
            $brushes += $medium === Medium::Brush ? [mb_strtolower($name) => $name] : [];
        }

        return new self($tools, self::wordsFor($tools), $brushes);
    }

    /**
     * @param  array<string, array{string, Medium}>  $tools
     * @return array<string, array{string, Medium}>
     */
    private static function wordsFor(array $tools): array
    {
        $words = $tools;
        foreach (self::MEANT as $word => $meant) {
            $own = array_values(array_intersect($meant, array_keys($tools)));
            if ($own !== []) {
                $words[$word] ??= $tools[$own[0]];
            }
        }
        foreach (self::WITH as $word => $medium) {
            $words[$word] ??= [$word, $medium];
        }

        return $words;
    }

    /** Null for what is no tool's name, or is written with other capitals than its owner does. */
    public function mediumOf(string $tool): ?Medium
    {
        $known = mb_strtolower($tool);
        [$name, $medium] = $this->tools[$known] ?? (isset(self::WITH[$known]) ? [$known, self::WITH[$known]] : ['', null]);

        return $name === $tool ? $medium : null;
    }

    /** The brush that this is usually done with, of those there are; empty where it matters little. */
    public function usualBrush(Technique $technique, bool $isThin): string
    {
        $kind = match ($technique) {
            Technique::Whisker, Technique::Lash => 'fine',
            Technique::Line => $isThin ? 'fine' : 'middle',
            Technique::Outline, Technique::Teardrop, Technique::Dots, Technique::Starburst, Technique::Swirl,
            Technique::DoubleSwirl => $isThin ? 'fine' : 'middle',
            Technique::Stripe, Technique::Petal, Technique::Leaf, Technique::Flower, Technique::Heart => $isThin ? 'middle' : 'broad',
            Technique::Fill => 'fill',
            default => null,
        };
        foreach ($kind === null ? [] : self::REACHED_FOR[$kind] as $brush) {
            if (isset($this->brushes[$brush])) {
                return $this->brushes[$brush];
            }
        }

        return '';
    }
}
