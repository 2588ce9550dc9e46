<?php

declare(strict_types=1);

namespace Core\Design\Wording\Words;

use Core\Design\Medium;
use Core\Design\Place\Shape;
use Core\Design\Place\Zone;
use Core\Design\Technique;

/** The things that turn up in designs of sea, shore and anywhere else, by how they are painted. Common practice, no source. */
final readonly class Things
{
    private const FILLED = [
        'tower', 'hull', 'body', 'door', 'roof', 'house', 'hut', 'head', 'wing', 'rock', 'pebble', 'island', 'moon', 'patch',
        'bandana', 'scarf', 'hat', 'cap', 'helmet',
        'window', 'lamp room', 'lamp', 'lamp post', 'snout', 'cone', 'tip', 'square', 'rectangle', 'stone', 'ball', 'buoy',
        'bucket', 'spade', 'flag', 'bottle', 'treasure', 'chest',
        'petal shape', 'hill', 'palm', 'trunk', 'tree', 'castle', 'flipper', 'blob', 'bird', 'turtle', 'seahorse', 'dolphin',
        'whale', 'seal', 'shark', 'penguin', 'puffin',
        'base shape', 'block', 'box', 'brick', 'plate', 'collar', 'mouthpiece', 'belly', 'tongue', 'fang', 'hand shape', 'foot',
        'feet', 'gem shape', 'bomb', 'mushroom', 'pumpkin', 'ship', 'raft',
        'jellyfish', 'pearl', 'wrapper', 'medallion', 'shield', 'mast top', 'bun', 'cup', 'tail', 'back', 'glass',
        'visor', 'goggle',
    ];

    private const LINES = [
        'string', 'rigging', 'mast', 'spoke', 'strap', 'hose', 'ray', 'strand', 'branch', 'branches', 'scar', 'vein',
        'webbing', 'crease line', 'leg', 'gull', 'seagull', 'twig', 'quill', 'tuft', 'whisp', 'tail', 'barb', 'wire', 'gill', 'slit', 'eyebrow',
        'circuit line', 'circuit', 'panel line', 'groove', 'fold line', 'crossbar',
        'tassel', 'stem', 'vine', 'squiggle', 'script', 'lettering', 'letter', 'name', 'number',
        'swoosh', 'thread', 'chain', 'railing', 'rail', 'ladder',
        'ripple', 'scallop', 'wave line', 'waves', 'wavelet', 'crest', 'foam line', 'water line', 'waterline', 'twist', 'ridge',
        'rib', 'cross', 'crosses', 'hook', 'antenna', 'feeler',
        'filigree', 'hair', 'curve', 'arc', 'arrow', 'v', "v's", 'x', 'bar line', 'reflection', 'knot', 'loop', 'detail',
        'details', 'line work', 'linework', 'wrinkle',
        'mouth line', 'grass', 'reed', 'stitch', 'stitches', 'connecting line', 'frame line', 'mane line',
    ];

    private const DOTTED = [
        'spot', 'shine', 'bubble', 'sucker', 'pupil', 'bead', 'egg', 'grain', 'stud', 'berry', 'berries', 'snow', 'barnacle',
        'speckle', 'fleck', 'handle', 'highlight', 'dotting', 'dotwork', 'polka dot',
        'rivet', 'pebbles', 'foam', 'sprinkle', 'bump', 'wart', 'flake', 'pip', 'catchlight', 'stroke of shine', 'falling flake', 'wart', 'rosette', 'light', 'speck', 'seed', 'point', 'sparkle dot', 'foam dot', 'whisker dot', 'water drops', 'dot trail',
    ];

    private const DROPPED = [
        'drop', 'droplet', 'flick', 'splash', 'splashes', 'comma', 'raindrop', 'rain', 'tear drop', 'spray', 'drip', 'comma stroke',
        'press and pull', 'spike', 'plume',
    ];

    private const STRIPED = ['stripe', 'band stripe', 'bar', 'streak', 'pinstripe', 'slash', 'slashes'];

    private const CURLED = ['curl', 'scroll', 'spiral', 'coil', 'whirl', 's-curl', 'swirly'];

    private const BURSTS = [
        'stars', 'sparkle', 'sparkles', 'twinkle', 'twinkles', 'flash', 'flashes', 'burst', 'bursts', 'glints', 'starbursts',
        'glint', 'small star', 'small stars', 'little stars', 'tiny stars', 'star burst', 'star bursts',
    ];

    private const SPONGED = [
        'base', 'background', 'bg', 'backdrop', 'shade', 'shading', 'shadow', 'sky', 'glow', 'blush', 'base colour', 'base color',
        'undercoat', 'ombre', 'sunset', 'sea', 'water', 'ground',
        'foundation', 'clouds', 'fog', 'mist', 'stubble', 'first colour', 'first layer', 'gradient', 'contour',
        'contouring', 'tint', 'surf', 'ocean', 'sand bank', 'basecoat', 'base coat',
    ];

    private const EDGED = ['edge', 'edging', 'border', 'rim', 'outlining', 'outlines', 'o/line', 'frame'];

    /** With a place of their own on a face. */
    private const PLACED = [
        'whisker' => [Technique::Whisker, [Zone::Muzzle]], 'lash' => [Technique::Lash, [Zone::Eyelid]],
        'eyelash' => [Technique::Lash, [Zone::Eyelid]],
        'mane' => [Technique::Fill, [Zone::Hairline, Zone::Temple, Zone::Cheek]], 'beard line' => [Technique::Line, [Zone::Jaw]],
        'beard' => [Technique::Fill, [Zone::Jaw, Zone::Chin]],
        'goatee' => [Technique::Fill, [Zone::Chin]], 'crown' => [Technique::Fill, [Zone::Forehead]],
        'tiara' => [Technique::Fill, [Zone::Forehead]],
        'horn' => [Technique::Fill, [Zone::Forehead], Shape::Horn], 'moustache' => [Technique::Line, [Zone::UpperLip]],
        'mustache' => [Technique::Line, [Zone::UpperLip]],
        'teeth' => [Technique::Fill, [Zone::Lips], Shape::Tooth], 'freckle' => [Technique::Dots, [Zone::Cheek]],
        'tear' => [Technique::Teardrop, [Zone::UnderEye]], 'eye patch' => [Technique::Fill, [Zone::EyeSocket]],
        'eyepatch' => [Technique::Fill, [Zone::EyeSocket]],
        'earring' => [Technique::Dots, [Zone::Ear]], 'smile' => [Technique::Line, [Zone::MouthCorner]],
        'eye line' => [Technique::Line, [Zone::Eyelid]],
        'eyeliner' => [Technique::Line, [Zone::Eyelid]], 'eye liner' => [Technique::Line, [Zone::Eyelid]],
        'eye flick' => [Technique::Teardrop, [Zone::OuterEye]],
        'eye shadow' => [Technique::Stipple, [Zone::Eyelid]], 'eyeshadow' => [Technique::Stipple, [Zone::Eyelid]],
        'lipstick' => [Technique::Fill, [Zone::Lips]],
        'lip line' => [Technique::Line, [Zone::Lips]], 'whisker dot' => [Technique::Dots, [Zone::Muzzle]],
        'ear flick' => [Technique::Teardrop, [Zone::Temple]],
        'mouth line' => [Technique::Line, [Zone::Lips]], 'moth line' => [Technique::Line, [Zone::Lips]], 'wing liner' => [Technique::Line, [Zone::OuterEye]],
        'winged liner' => [Technique::Line, [Zone::OuterEye]], 'cat eye' => [Technique::Line, [Zone::OuterEye]], 'schnoz' => [Technique::Fill, [Zone::Nose]],
        'smile' => [Technique::Line, [Zone::MouthCorner]], 'tongue' => [Technique::Fill, [Zone::LowerLip, Zone::Chin]],
        'stubble' => [Technique::Stipple, [Zone::Chin, Zone::Jaw]], 'bandana' => [Technique::Fill, [Zone::Forehead]],
        'muzzle line' => [Technique::Line, [Zone::Muzzle]], 'nose line' => [Technique::Line, [Zone::UpperLip]],
        'brow hair' => [Technique::Line, [Zone::Brow]],
        'mouth' => [Technique::Line, [Zone::Lips]], 'bow' => [Technique::Fill, [Zone::Brow], Shape::Bow],
        'beak' => [Technique::Fill, [Zone::Nose], Shape::Beak], 'snout' => [Technique::Fill, [Zone::Nose]],
        'fang' => [Technique::Fill, [Zone::LowerLip], Shape::Tooth],
        'round ear' => [Technique::Fill, [Zone::Temple], Shape::RoundEar],
        'pointed ear' => [Technique::Fill, [Zone::Temple], Shape::PointedEar], 'beak line' => [Technique::Line, [Zone::Nose]],
        'mask' => [Technique::Fill, [Zone::EyeSocket, Zone::NoseBridge], Shape::Mask],
        'eye' => [Technique::Line, [Zone::EyeSocket]], 'bindi' => [Technique::Dots, [Zone::BetweenBrows]],
        'fur' => [Technique::Stripe, [Zone::Forehead, Zone::Cheek]],
    ];

    /** What the brush does with hardly any paint on it. */
    private const DRY_BRUSHED = ['dry brush', 'drybrush', 'dry-brush', 'dry brushed', 'dry brushing'];

    /** Shapes that are painted otherwise than by filling them, with the brush. */
    private const SHAPED = [
        'curl' => [Technique::Swirl, Shape::Spiral], 'wave curl' => [Technique::Swirl, Shape::WaveCurl],
        'wave curls' => [Technique::Swirl, Shape::WaveCurl],
        'wave' => [Technique::Line, Shape::Wave], 'ripples' => [Technique::Line, Shape::Ripple],
        'rope' => [Technique::Line, Shape::Rope], 'ropes' => [Technique::Line, Shape::Rope],
        'web' => [Technique::Line, Shape::Web], 'cobweb' => [Technique::Line, Shape::Web],
        'net' => [Technique::Line, Shape::Net], 'fishing net' => [Technique::Line, Shape::Net],
        'zigzag' => [Technique::Line, Shape::Zigzag], 'zig-zag' => [Technique::Line, Shape::Zigzag],
        'zig zag' => [Technique::Line, Shape::Zigzag], 'crack' => [Technique::Line, Shape::Crack],
        'scallop edge' => [Technique::Line, Shape::ScallopEdge], 'scallops' => [Technique::Line, Shape::ScallopEdge],
        'scalloped edge' => [Technique::Line, Shape::ScallopEdge],
        'row of teeth' => [Technique::Fill, Shape::ToothRow], 'rows of teeth' => [Technique::Fill, Shape::ToothRow],
        'row of spikes' => [Technique::Fill, Shape::SpikeRow], 'row of drips' => [Technique::Fill, Shape::DripRow],
        'row of flames' => [Technique::Fill, Shape::FlameRow], 'flames' => [Technique::Fill, Shape::FlameRow],
        'bead string' => [Technique::Line, Shape::BeadString], 'string of beads' => [Technique::Line, Shape::BeadString],
        'loop row' => [Technique::Line, Shape::LoopRow], 'row of loops' => [Technique::Line, Shape::LoopRow],
        'loops' => [Technique::Line, Shape::LoopRow], 'leaf veins' => [Technique::Line, Shape::LeafVeins],
        'antennae' => [Technique::Line, Shape::Antennae], 'feelers' => [Technique::Line, Shape::Antennae],
        'ribbon' => [Technique::Line, Shape::Ribbon],
        'swoops' => [Technique::Line, Shape::Swoops], 'swoop' => [Technique::Line, Shape::Swoops],
        'question curl' => [Technique::Swirl, Shape::QuestionCurl], 'question mark swirl' => [Technique::Swirl, Shape::QuestionCurl],
        'question mark curl' => [Technique::Swirl, Shape::QuestionCurl],
        'mane curls' => [Technique::Swirl, Shape::ManeCurls], 'mane curl' => [Technique::Swirl, Shape::ManeCurls],
        'fur flicks' => [Technique::Line, Shape::FurFlicks], 'fur flick' => [Technique::Line, Shape::FurFlicks],
        'basket weave' => [Technique::Line, Shape::BasketWeave], 'wickerwork' => [Technique::Line, Shape::BasketWeave],
        'jointed legs' => [Technique::Line, Shape::JointedLegs], 'legs with joints' => [Technique::Line, Shape::JointedLegs],
        'frosting swirl' => [Technique::Swirl, Shape::FrostingSwirl], 'frosting' => [Technique::Swirl, Shape::FrostingSwirl],
        'tentacle' => [Technique::Line, Shape::Tentacle], 'coral' => [Technique::Line, Shape::Coral],
        'seaweed' => [Technique::Line, Shape::Seaweed],
        'weed' => [Technique::Line, Shape::Seaweed], 'kelp' => [Technique::Line, Shape::Seaweed],
        'sea weed' => [Technique::Line, Shape::Seaweed],
        'mesh' => [Technique::Line, Shape::Mesh], 'scale' => [Technique::Line, Shape::Scales],
        'star field' => [Technique::Dots, Shape::StarField],
        'cloud' => [Technique::Stipple, Shape::Cloud], 'lightning' => [Technique::Fill, Shape::Bolt],
        'lightning bolt' => [Technique::Fill, Shape::Bolt],
        'thunderbolt' => [Technique::Fill, Shape::Bolt], 'snowflake' => [Technique::Starburst, Shape::Snowflake],
        'cap of snow' => [Technique::Fill, Shape::Arch],
        'hooks' => [Technique::Swirl, Shape::WaveCurl], 'light beam' => [Technique::Fill, Shape::Beam],
        'sails' => [Technique::Fill, Shape::Sail], 'shells' => [Technique::Fill, Shape::Shell],
        'tower' => [Technique::Fill, Shape::Lighthouse], 'fishes' => [Technique::Fill, Shape::Fish],
        'ship' => [Technique::Fill, Shape::Boat], 'hull' => [Technique::Fill, Shape::Boat],
        'sailboat' => [Technique::Fill, Shape::Boat], 'cockle' => [Technique::Fill, Shape::Shell],
        'pincer' => [Technique::Fill, Shape::Claw], 'ship wheel' => [Technique::Fill, Shape::Wheel],
        'upper wing' => [Technique::Fill, Shape::UpperWing], 'lower wing' => [Technique::Fill, Shape::LowerWing],
        'wing' => [Technique::Fill, Shape::UpperWing], 'moon' => [Technique::Fill, Shape::Crescent],
        'bubble ring' => [Technique::Line, Shape::Ring], 'whale tail' => [Technique::Fill, Shape::WhaleTail],
        'flower shape' => [Technique::Fill, Shape::Flower],
        'feathers' => [Technique::Teardrop, Shape::Feather], 'leaf shape' => [Technique::Fill, Shape::Leaf],
    ];

    private const KINDS = [
        [Technique::Fill, self::FILLED], [Technique::Line, self::LINES], [Technique::Dots, self::DOTTED],
        [Technique::Teardrop, self::DROPPED], [Technique::Stripe, self::STRIPED],
        [Technique::Swirl, self::CURLED], [Technique::Outline, self::EDGED],
    ];

    /** Words of the zones or techniques themselves, which as shapes say "shape" too. */
    private const SHARED = [Shape::Nose, Shape::Muzzle, Shape::Eye, Shape::Mask, Shape::Leaf, Shape::Flower, Shape::Heart, Shape::Feather];

    /** @return array<string, Thing> by word in small letters, with the word for several */
    public static function words(): array
    {
        $things = [];
        foreach (Shape::cases() as $shape) {
            if (! in_array($shape, self::SHARED, true)) {
                $things += self::named($shape->label(), new Thing(Technique::Fill, $shape));
            }
        }
        foreach (self::KINDS as [$technique, $words]) {
            $things = [...$things, ...self::all($words, new Thing($technique))];
        }
        $things = [
            ...$things,
            ...self::all(self::SPONGED, new Thing(Technique::Stipple, null, [], Medium::Sponge)),
            ...self::all(self::DRY_BRUSHED, new Thing(Technique::Sweep, null, [], Medium::Brush)),
        ];
        foreach (self::SHAPED as $word => [$technique, $shape]) {
            $things = [
                ...$things,
                ...self::named($word, new Thing($technique, $shape, [], $technique === Technique::Stipple ? Medium::Sponge : null)),
            ];
        }
        foreach (self::PLACED as $word => $placed) {
            $things = [...$things, ...self::named($word, new Thing($placed[0], $placed[2] ?? null, $placed[1]))];
        }

        // Several small stars are bursts of lines; one star is a shape.
        return [...$things, ...array_fill_keys(self::BURSTS, new Thing(Technique::Starburst))];
    }

    /**
     * @param  list<string>  $words
     * @return array<string, Thing>
     */
    private static function all(array $words, Thing $thing): array
    {
        return array_merge(...array_map(static fn (string $word): array => self::named($word, $thing), $words));
    }

    /** @return array<string, Thing> */
    private static function named(string $word, Thing $thing): array
    {
        $several = match (true) {
            str_ends_with($word, 's') => $word,
            preg_match('/(?:sh|ch|x|z)$/', $word) === 1 => "{$word}es",
            preg_match('/[^aeiou]y$/', $word) === 1 => substr($word, 0, -1).'ies',
            default => "{$word}s",
        };

        return [$word => $thing, $several => $thing];
    }
}
