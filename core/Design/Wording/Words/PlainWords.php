<?php

declare(strict_types=1);

namespace Core\Design\Wording\Words;

use Core\Colour\Load;
use Core\Design\Medium;
use Core\Design\Place\Side;
use Core\Design\Shut;
use Core\Design\Technique;
use Core\Design\Wording\PartKind;

/** The trade's plain words for what is done, with what, on which side, and the small words between. Common practice, no source. */
final readonly class PlainWords
{
    private const MEDIA = [
        'sponge' => Medium::Sponge, 'brush' => Medium::Brush, 'stencil' => Medium::Stencil, 'powder' => Medium::Powder,
        'glitter' => Medium::Glitter, 'gem' => Medium::Gem,
        'bud' => Medium::Bare, 'bare hands' => Medium::Bare, 'sponges' => Medium::Sponge, 'brushes' => Medium::Brush,
        'stencils' => Medium::Stencil, 'gems' => Medium::Gem,
        'jewel' => Medium::Gem, 'jewels' => Medium::Gem, 'crystal' => Medium::Gem, 'crystals' => Medium::Gem,
        'rhinestone' => Medium::Gem, 'rhinestones' => Medium::Gem, 'bling' => Medium::Gem,
        'sponging' => Medium::Sponge, 'sponged' => Medium::Sponge, 'powders' => Medium::Powder, 'sponge on' => Medium::Sponge,
        'stencilled' => Medium::Stencil, 'stenciled' => Medium::Stencil,
    ];

    private const TECHNIQUES = [
        'stippled' => Technique::Stipple, 'stippling' => Technique::Stipple, 'pounce' => Technique::Stipple,
        'pounced' => Technique::Stipple, 'dab' => Technique::Stipple, 'dabbed' => Technique::Stipple,
        'dabbing' => Technique::Stipple, 'dabs' => Technique::Stipple, 'pat' => Technique::Stipple, 'patted' => Technique::Stipple,
        'pat on' => Technique::Stipple, 'tap on' => Technique::Stipple, 'tap' => Technique::Stipple, 'tapped' => Technique::Stipple,
        'tapping' => Technique::Stipple,
        'swept' => Technique::Sweep, 'swipe' => Technique::Sweep, 'swiped' => Technique::Sweep, 'drag' => Technique::Sweep,
        'dragged' => Technique::Sweep, 'sweeping' => Technique::Sweep,
        'one swipe' => Technique::Sweep, 'wipe across' => Technique::Sweep, 'pull across' => Technique::Sweep,
        'blended' => Technique::Blend, 'fade' => Technique::Blend, 'faded' => Technique::Blend, 'blending' => Technique::Blend,
        'fading' => Technique::Blend, 'melt' => Technique::Blend,
        'soften' => Technique::Blend, 'softened' => Technique::Blend, 'smudge' => Technique::Blend, 'smudged' => Technique::Blend,
        'blend out' => Technique::Blend, 'feather out' => Technique::Blend, 'feather the' => Technique::Blend,
        'feather it' => Technique::Blend, 'pull the colours' => Technique::Blend,
        'filled' => Technique::Fill, 'fill in' => Technique::Fill, 'filled in' => Technique::Fill, 'fills' => Technique::Fill,
        'block in' => Technique::Fill, 'colour in' => Technique::Fill,
        'petals' => Technique::Petal, 'one-stroke petal' => Technique::Petal, 'one-stroke petals' => Technique::Petal,
        'one stroke petals' => Technique::Petal,
        'presses' => Technique::Petal, 'daisy' => Technique::Flower, 'daisies' => Technique::Flower, 'roses' => Technique::Flower,
        'strips' => Technique::Stripe,
        'blossom' => Technique::Flower, 'blossoms' => Technique::Flower, 'filler flowers' => Technique::Flower,
        'puff' => Technique::LooseGlitter,
        'leafs' => Technique::Leaf,
        'outlined' => Technique::Outline, 'outlining' => Technique::Outline, 'outlines' => Technique::Outline,
        'o/line' => Technique::Outline, 'o/l' => Technique::Outline, 'out line' => Technique::Outline,
        'line round' => Technique::Outline, 'line around' => Technique::Outline, 'trace' => Technique::Outline,
        'outln' => Technique::Outline,
        'liner lines' => Technique::Line, 'strokes' => Technique::Line, 'stroke' => Technique::Line, 'lines' => Technique::Line,
        'line it' => Technique::Line, 'mark' => Technique::Line, 'mark lightly' => Technique::Line,
        'lightly mark' => Technique::Line, 'mark out' => Technique::Line, 'sketch' => Technique::Line,
        'stripey' => Technique::Stripe, 'striped' => Technique::Stripe, 'stripe' => Technique::Stripe, 'stripes' => Technique::Stripe,
        'teardrops' => Technique::Teardrop, 'tear drops' => Technique::Teardrop, 'tear drop' => Technique::Teardrop,
        'tear strokes' => Technique::Teardrop,
        'dot' => Technique::Dots, 'dots' => Technique::Dots, 'dotted' => Technique::Dots, 'dotty' => Technique::Dots,
        'double swirls' => Technique::DoubleSwirl,
        'star burst' => Technique::Starburst, 'star bursts' => Technique::Starburst, 'starbursts' => Technique::Starburst,
        'gel' => Technique::GlitterGel, 'gel glitter' => Technique::GlitterGel, 'glitter gel' => Technique::GlitterGel,
        'sparkle gel' => Technique::GlitterGel, 'shimmer' => Technique::GlitterGel,
        'loose glitter' => Technique::LooseGlitter, 'poof' => Technique::LooseGlitter, 'sprinkle' => Technique::LooseGlitter,
        'puff of glitter' => Technique::LooseGlitter,
        'dust glitter' => Technique::LooseGlitter, 'dusting of glitter' => Technique::LooseGlitter,
        'fairy dust' => Technique::LooseGlitter, 'poof on' => Technique::LooseGlitter,
        'lift-off' => Technique::LiftOff, 'lift off' => Technique::LiftOff, 'whiskers' => Technique::Whisker,
        'lashes' => Technique::Lash, 'eyelashes' => Technique::Lash, 'hearts' => Technique::Heart,
        'flowers' => Technique::Flower, 'swirls' => Technique::Swirl, 'leaves' => Technique::Leaf, 'press on' => Technique::Gem,
        'tidy up' => Technique::Tidy,
        'powdered' => Technique::Powder, 'set with powder' => Technique::Powder, 'shimmer powder' => Technique::Powder,
    ];

    private const SIDES = [
        'left' => Side::Left, 'left side' => Side::Left, 'on the left' => Side::Left, 'left hand side' => Side::Left,
        'right' => Side::Right, 'right side' => Side::Right, 'on the right' => Side::Right,
        'both' => Side::Both, 'one side' => Side::Left, 'one side only' => Side::Left, 'only one side' => Side::Left,
        'both sides' => Side::Both, 'both side' => Side::Both, 'each side' => Side::Both,
        'either side' => Side::Both, 'on each side' => Side::Both, 'on both sides' => Side::Both, 'a side' => Side::Both,
        'per side' => Side::Both, '/ side' => Side::Both, '/side' => Side::Both, 'left and right' => Side::Both,
        'left + right' => Side::Both,
        'left & right' => Side::Both, 'right and left' => Side::Both, 'l+r' => Side::Both, 'left right' => Side::Both,
        'each temple' => Side::Both, 'left then right' => Side::Both,
        'then mirror' => Side::Both, 'left then mirrored' => Side::Both, 'one side then the other' => Side::Both,
        'centre' => Side::Centre, 'center' => Side::Centre, 'middle' => Side::Centre,
        'each eye' => Side::Both, 'both eyes' => Side::Both, 'in the centre' => Side::Centre, 'left cheek only' => Side::Left,
        'sides' => Side::Both,
    ];

    private const OPTIONAL = [
        'optional', 'extra', 'extras', 'may be left out', 'can be left out', 'if there is time', 'if theres time',
        "if there's time", 'if time', 'time permitting', 'if you like', 'if u like', 'if you want', 'if wanted',
        'if they like', 'if they want', 'if the child wants', 'if the child likes', 'for girls', 'for boys', 'only at parties',
        'only for parties', 'party only', 'parties only', 'at parties', 'party', 'for parties',
        'maybe', 'or skip', 'or leave out', 'or leave it out', 'or not', 'skip when busy', 'skip if busy', 'skip in a rush',
        'party extras', 'party extra', 'extras if time', 'on demand',
        'if nobody is waiting', 'if no one is waiting', 'if no line', 'if not busy', 'if quiet',
        'nice to have', 'leave out if busy', 'if needed', 'if it looks patchy', 'if patchy', 'when there is time', 'when quiet',
        'only if asked', 'if asked', 'on request', 'could be left out', 'if there is no line', 'opt',
        'leave out when busy', 'leave it out when busy', 'not when busy', 'not on busy days', 'bonus', 'if i have time',
        'if we have time', 'or skip it', 'skippable',
    ];

    private const SHUT = [
        'eyes closed' => Shut::Eyes, 'eye shut' => Shut::Eyes, 'eye closed' => Shut::Eyes, 'with eyes shut' => Shut::Eyes,
        'with eyes closed' => Shut::Eyes, 'close eyes' => Shut::Eyes, 'shut eyes' => Shut::Eyes,
        'close your eyes' => Shut::Eyes, 'shut your eyes' => Shut::Eyes, 'shut both eyes' => Shut::Eyes,
        'close both eyes' => Shut::Eyes, 'both eyes shut' => Shut::Eyes, 'both eyes closed' => Shut::Eyes,
        'mouth shut' => Shut::Lips, 'mouth closed' => Shut::Lips, 'lips closed' => Shut::Lips, 'lips together' => Shut::Lips,
        'shut mouth' => Shut::Lips, 'close mouth' => Shut::Lips,
    ];

    private const LOADS = [
        'almost dry' => Load::Damp, 'nearly dry' => Load::Damp, 'dampish' => Load::Damp, 'barely wet' => Load::Damp,
        'not too wet' => Load::Damp, 'dry sponge' => Load::Damp,
        'very wet' => Load::Liquid, 'runny' => Load::Liquid, 'inky' => Load::Liquid, 'liquid' => Load::Liquid,
        'flooded' => Load::Liquid, 'watery' => Load::Liquid,
    ];

    /** How the stroke is made: kept as a note. */
    private const STROKES = [
        'thin', 'thinly', 'thinner', 'thick-thin-thick', 'thick thin thick', 'thin thick thin', 'thick-thin', 'half turn', 'quarter turn',
        'in two points', 'in points', 'in a point', 'to a point', 'shine gap', 'in one go', 'fan of', 'thick', 'thicker',
        'thin-thick-thin', 'thin to thick', 'thick to thin', 'gently', 'gentle',
        'lightly', 'softly', 'firmly', 'tip of the brush', 'with the tip', 'side of the brush', 'tip of the sponge',
        'sponge tip', 'corner of the sponge', 'sponge corner', 'edge of the sponge', 'straight edge of the sponge', 'straight edge',
        'heel of the sponge', 'back of the brush', 'end of the brush', 'brush end', 'fine', 'light pressure',
        'very thin', 'nice and thin', 'double loaded', 'double load', 'double-loaded', 'double dipped', 'one-stroke', 'one stroke',
        '1-stroke', 'press and lift', 'fingertip', 'with a finger', 'with finger', 'finger', 'side by side',
        'dipped in', 'tipped with', 'round and round', 'with the side', 'with the edge', 'tapered', 'sheer', 'opaque', 'bare',
        'with the tip of the brush', 'tip of the', 'tip of a', 'with the tip of the', 'with the tip of a', 'press', 'press it',
        'pull', 'pull it', 'pull the brush', 'top to bottom', 'back and forth', 'feathered', 'soft', 'from centre out',
        'from the centre out', 'from center out', 'from the middle out', 'outwards', 'inwards', 'upwards', 'downwards',
    ];

    /** How big or what kind of thing: kept with its name. */
    private const SIZES = [
        'small', 'smaller', 'tiny', 'little', 'big', 'bigger', 'large', 'short', 'long', 'wide', 'narrow', 'wavy', 'curved',
        'curly', 'straight', 'loose', 'loosely', 'heavy', 'solid', 'delicate', 'bold', 'chunky', 'simple', 'rough',
        'hollow', 'pointy', 'bushy', 'fluffy', 'wispy', 'wobbly', 'diagonal', 'biggest', 'quick', 'quickly', 'slowly', 'careful',
        'carefully', 'upper', 'lower', 'roughly', 'inner', 'outer',
    ];

    /** What keeps its word as the painter's own: with a time of its own a step, else a note. */
    private const NOTED = [
        'load', 'reload', 'flip sponge', 'flip the sponge', 'turn sponge', 'turn the sponge', 'turn sponge over',
        'turn the sponge over', 'turn the sponge round', 'rotate sponge', 'rotate the sponge', 'same sponge other end',
        'fresh sponge', 'new sponge', '2 nd sponge', 'second sponge', 'another sponge', 'tap off', 'clean sponge', 'clean side',
        'other end', 'rinse', 'rinse brush', 'rinse the brush', 'do not rinse', "don't rinse", 'no rinse', 'without rinsing',
        'without cleaning',
        'without cleaning the sponge', 'without cleaning the brush', 'hold still', 'keep still', 'look up', 'looks up', 'look down',
        'pull with a finger', 'pull the skin', 'stretch the skin', 'hold the chin', 'hold chin',
        'what is left on the brush', "what's left on the brush", 'leftover on the brush', 'use what is left on the brush',
        'use the leftover', 'with what is left', 'leftover', 'left over', 'leftovers', 'left-over', 'dip',
        'with the paint still on the brush', 'steady hand', 'breathe', 'done', 'all done', 'finished', 'ready', 'the end',
    ];

    /** Words between things that say nothing of their own. */
    private const BETWEEN = [
        'and', 'on', 'the', 'in', 'of', 'a', 'an', 'with', 'to', '&', '+', '·', '-', 'at', 'from', 'over', 'into', 'onto', 'for',
        'by', 'as', 'each', 'all', 'some', 'bit', 'any', 'more', 'few', 'i', 'you', 'we', 'u',
        'use', 'using', 'add', 'adding', 'added', 'paint', 'painted', 'painting', 'paints', 'put', 'place', 'do', 'make', 'draw',
        'apply', 'give', 'just', 'then', 'now', 'next', 'also', 'too', 'well', 'about', 'approx', 'ca', 'circa', '~', '≈',
        'only', 'really', 'very', 'nice', 'is', 'are', 'be', 'goes', 'go', 'going', 'comes', 'come', 'along', 'across', 'down',
        'up', 'out', 'off', 'through', 'past', 'near', 'towards', 'toward', 'between', 'under', 'underneath', 'above', 'below',
        'around', 'round', 'inside', 'behind', 'beside', 'next to', 'so', 'but', 'or', 'that', 'this', 'these', 'there', 'where',
        'when', 'still', 'my', 'your', 'her', 'his', 'child', 'kid', 'start', 'starting', 'begin',
        'finish', 'finally', 'first of all', 'lastly', 'have', 'has', 'get', 'take', 'let', 'want', 'till', 'until', 'after',
        'afterwards', 'what', '*', '=', '/', '\\', '@', '%', '°', '<', '>', '^', '_', '~', '|', '#', '$', '"', "'", '`',
        '“', '”', '‘', '’', '…', '·', '•', '[', ']', '{', '}', '§', '€', '!', '?', 'colour', 'color', 'colours', 'colors', 'am',
        'was', 'it is', "it's", 'step', 'cover', 'covering', 'em', 'oh', 'ok', 'okay', 'um', 'please', 'pls', 'pcs', 'pc', 'pieces',
        'piece', 'in front of', 'across the middle', 'through the middle', 'outside', 'both ends', 'at both ends', 'each end',
        'at each end', 'either end', 'both edges', 'every', 'pop', 'whack', 'slap', 'bung', 'maybe a', 'little bit of', 'my big', 'lot',
        'stuck', 'stick', 'grab',
        'sort of', 'kind of', 'a bit of', 'in the middle', 'in the middle of', 'middle of', 'one side of', 'the middle of', 'w',
    ];

    /** @return array<string, array{PartKind, mixed}> meaning by phrase in small letters; earlier ones give way to later ones */
    public static function phrases(): array
    {
        return [
            ...array_fill_keys(self::BETWEEN, [PartKind::Between, null]),
            ...array_fill_keys(self::STROKES, [PartKind::Quality, 'stroke']),
            ...array_fill_keys(self::SIZES, [PartKind::Quality, 'size']),
            ...self::of(PartKind::Medium, self::MEDIA),
            ...self::of(PartKind::Technique, self::techniques()),
            ...self::of(PartKind::Side, self::SIDES),
            ...self::of(PartKind::Shut, self::SHUT),
            ...self::of(PartKind::Load, self::LOADS),
            ...self::acts(),
            ...self::back(),
            ...self::order(),
            ...array_fill_keys(self::OPTIONAL, [PartKind::Optional, true]),
            'no colour' => [PartKind::Colour, null],
            'no color' => [PartKind::Colour, null],
            'stop here' => [PartKind::Stop, true],
            'eyes open' => [PartKind::Shut, null],
            'nothing shut' => [PartKind::Shut, null],
            'no stop here' => [PartKind::Stop, false],
        ];
    }

    /** Whether these words tell whether or when something is painted, and not what. */
    public static function saysWhen(string $words): bool
    {
        return in_array($words, self::OPTIONAL, true) || isset(self::order()[$words]);
    }

    /** @return array<string, Technique> */
    public static function techniques(): array
    {
        $words = self::TECHNIQUES;
        foreach (Technique::cases() as $technique) {
            if ($technique !== Technique::Stencil && $technique !== Technique::Powder && $technique !== Technique::Gem
                && $technique !== Technique::Wait
                && $technique !== Technique::Tidy) {
                $words += [$technique->label() => $technique, $technique->plural() => $technique];
            }
        }

        return $words;
    }

    /** @return array<string, array{PartKind, mixed}> */
    private static function acts(): array
    {
        $tidy = static fn (int $seconds): Act => new Act(Technique::Tidy, $seconds);
        $lift = new Act(Technique::LiftOff, null, true);
        $edge = new Act(Technique::Tidy);
        $wait = new Act(Technique::Wait);
        $acts = [
            'spritz' => $tidy(3), 'spritz sponge' => $tidy(3), 'spray the sponge' => $tidy(3), 'mist the sponge' => $tidy(3),
            'wet sponge' => $tidy(3), 'wet the sponge' => $tidy(3), 'spritz the sponge' => $tidy(3),
            'wipe hands' => $tidy(5), 'wipe my hands' => $tidy(5), 'clean hands' => $tidy(5), 'hand wipe' => $tidy(5),
            'wipe your hands' => $tidy(5), 'wash hands' => $tidy(15), 'wipe fingers' => $tidy(4),
            'wipe' => $edge, 'wiped' => $edge, 'clean' => $edge, 'clean up' => $edge, 'cleanup' => $edge, 'tidy' => $edge,
            'tidy up' => $edge, 'neaten' => $edge, 'neaten up' => $edge, 'touch up' => $edge, 'tidying' => $edge,
            'wipe the edge clean' => $edge, 'wipe edge clean' => $edge, 'clean the edge' => $edge, 'clean edge' => $edge,
            'clean up the edge' => $edge, 'clean the edges' => $edge, 'wipe the edge' => $edge, 'tidy edges' => $edge,
            'tidy the edges' => $edge,
            'wet wipe' => $edge, 'tissue' => $tidy(4), 'hold a tissue' => $tidy(4), 'blot' => $tidy(4), 'check' => $tidy(5),
            'check left against right' => $tidy(5), 'mirror' => $tidy(5), 'photo' => $tidy(10), 'show mirror' => $tidy(5),
            'show the mirror' => $tidy(5),
            'test on the hand' => $tidy(6), 'test on hand' => $tidy(6), 'patch test' => $tidy(10), 'try on the hand' => $tidy(6),
            'test the colour' => $tidy(6), 'shake' => $tidy(3), 'open pot' => $tidy(3),
            'lift' => $lift, 'lift with a damp bud' => $lift, 'lift with a bud' => $lift, 'erase' => $lift, 'wipe out' => $lift,
            'lift out' => $lift, 'take off' => $lift, 'remove' => $lift, 'rub out' => $lift,
            'wait' => $wait, 'take a break' => $wait, 'dry it with the fan' => $wait, 'dry with the fan' => $wait, 'fan it dry' => $wait,
            'fan' => $wait,
            'squeeze out' => $tidy(3), 'wet sponge once' => $tidy(3), 'smudges' => $edge, 'any smudges' => $edge, 'let it dry' => $wait,
            'let dry' => $wait, 'leave to dry' => $wait, 'wait until dry' => $wait,
            'wait till dry' => $wait, 'wait to dry' => $wait, 'drying' => $wait, 'drying time' => $wait, 'pause' => $wait,
            'let it set' => $wait, 'wait until it is dry' => $wait, 'let the base dry' => $wait, 'dry time' => $wait,
            'air dry' => $wait, 'fan dry' => $wait, 'wait for it to dry' => $wait, 'let that dry' => $wait,
        ];

        return [...self::of(PartKind::Act, $acts), ...array_fill_keys(self::NOTED, [PartKind::Act, new Act(null)])];
    }

    /** @return array<string, array{PartKind, mixed}> */
    private static function back(): array
    {
        $same = [
            'same', 'the same', 'same again', 'again', 'repeat', 'likewise', 'ditto', 'once more', 'same thing', 'as before',
            'repeat that', 'do it again', 'as above', 'another one', 'and again', 'same as above', 'another', 'second', 'one more',
        ];
        $other = [
            'other side', 'the other side', 'on the other side', 'other side too', 'other side as well', 'mirrored', 'mirror',
            'mirror it', 'the right one', 'the left one', 'ditto right',
            'ditto left', 'both on the other side', 'both other side', 'right one', 'left one', 'same right', 'same left', 'other eye',
            'the other eye', 'other cheek', 'the other cheek', 'other one', 'matching', 'same on the other side',
            'repeat on the other side', 'opposite side', 'same other side', 'same on the right', 'other brow', 'other temple',
            'second side', 'the same on the other side', 'match', 'same on other side', 'other half',
        ];
        $all = ['mirror it all', 'mirror everything', 'repeat everything', 'all of it again', 'everything again', 'mirror all of it'];
        $it = ['it', 'its', 'them', 'their', 'those', 'they', 'him', 'that one', 'of it', 'same place'];
        $tool = [
            'same brush', 'same sponge', 'the same brush', 'the same sponge', 'with the same brush', 'with the same sponge',
            'same tool', 'same size brush', 'same stencil',
        ];
        $colour = [
            'same colour', 'same color', 'the same colour', 'same load', 'same paint', 'same cake', 'in the same colour',
            'same colours', 'same shade',
        ];

        return [
            ...array_fill_keys($it, [PartKind::Again, Back::It]), ...array_fill_keys($same, [PartKind::Again, Back::Same]),
            ...array_fill_keys($other, [PartKind::Again, Back::OtherSide]),
            ...array_fill_keys($all, [PartKind::Again, Back::AllOfIt]),
            ...array_fill_keys($tool, [PartKind::Again, Back::SameTool]), ...array_fill_keys($colour, [PartKind::Again, Back::SameColour]),
        ];
    }

    /** @return array<string, array{PartKind, mixed}> */
    private static function order(): array
    {
        $last = ['last', 'last of all', 'at the end', 'at the very end', 'very last', 'as the last step', 'right at the end'];
        $first = [
            'first', 'first of all', 'first thing', 'at the start', 'before anything else', 'before everything', 'to begin with',
            'to start with',
        ];
        $wet = [
            'while wet', 'while still wet', 'while it is wet', 'while it is still wet', "while it's wet", "while it's still wet",
            'before it dries', 'on wet', 'on the wet base', 'into the wet base', 'on wet paint', 'wet on wet', 'while tacky',
            'tacky', 'still tacky', 'while still tacky', 'while it is tacky', 'a little wet', 'still a little wet', 'while damp',
            'while it dries',
            'into the wet paint', 'when tacky', 'in the wet paint',
        ];

        return [
            ...array_fill_keys($last, [PartKind::Order, Place::Last]), ...array_fill_keys($first, [PartKind::Order, Place::First]),
            ...array_fill_keys($wet, [PartKind::Order, Place::WhileWet]),
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
}
