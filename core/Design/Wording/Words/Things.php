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
        'window', 'lamp room', 'lamp', 'lamp post', 'snout', 'cone', 'tip', 'stone', 'ball', 'buoy',
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
        'webbing', 'crease line', 'leg', 'gull', 'seagull', 'twig', 'quill', 'tuft', 'whisp', 'barb', 'wire', 'gill', 'slit', 'eyebrow',
        'circuit line', 'circuit', 'panel line', 'groove', 'fold line', 'crossbar',
        'tassel', 'stem', 'vine', 'squiggle', 'script', 'lettering', 'letter', 'name', 'number',
        'swoosh', 'thread', 'chain', 'railing', 'rail', 'ladder',
        'ripple', 'scallop', 'wave line', 'waves', 'wavelet', 'crest', 'foam line', 'water line', 'waterline', 'twist', 'ridge',
        'rib', 'hook', 'antenna', 'feeler',
        'filigree', 'hair', 'v tip', 'curve', 'arc', 'arrow', 'v', "v's", 'x', 'bar line', 'reflection', 'knot', 'loop', 'detail',
        'details', 'line work', 'linework', 'wrinkle',
        'mouth line', 'grass', 'reed', 'stitch', 'stitches', 'connecting line', 'frame line', 'mane line',
    ];

    private const DOTTED = [
        'spot', 'shine', 'bubble', 'sucker', 'pupil', 'bead', 'egg', 'grain', 'stud', 'berry', 'berries', 'snow', 'barnacle',
        'speckle', 'fleck', 'handle', 'highlight', 'dotting', 'dotwork', 'polka dot',
        'rivet', 'pebbles', 'foam', 'centres', 'centers', 'middles', 'sprinkle', 'bump', 'wart', 'flake', 'pip', 'catchlight',
        'stroke of shine', 'falling flake', 'wart', 'rosette', 'light', 'speck', 'seed', 'point', 'sparkle dot', 'foam dot',
        'whisker dot', 'water drops', 'dot trail',
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
        'goatee' => [Technique::Fill, [Zone::Chin]], 'crown' => [Technique::Fill, [Zone::Forehead], Shape::Crown],
        'crown shape' => [Technique::Fill, [Zone::Forehead], Shape::Crown],
        'tiara' => [Technique::Fill, [Zone::Forehead], Shape::Tiara],
        'horn' => [Technique::Fill, [Zone::Forehead], Shape::Horn], 'moustache' => [Technique::Line, [Zone::UpperLip], Shape::Moustache],
        'mustache' => [Technique::Line, [Zone::UpperLip], Shape::Moustache],
        'teeth' => [Technique::Fill, [Zone::Lips], Shape::Tooth], 'freckle' => [Technique::Dots, [Zone::Cheek]],
        'tear' => [Technique::Teardrop, [Zone::UnderEye]], 'eye patch' => [Technique::Fill, [Zone::EyeSocket], Shape::EyePatch],
        'eyepatch' => [Technique::Fill, [Zone::EyeSocket], Shape::EyePatch],
        'earring' => [Technique::Dots, [Zone::Ear]], 'smile' => [Technique::Line, [Zone::MouthCorner]],
        'eye line' => [Technique::Line, [Zone::Eyelid]],
        'eyeliner' => [Technique::Line, [Zone::Eyelid]], 'eye liner' => [Technique::Line, [Zone::Eyelid]],
        'eye flick' => [Technique::Teardrop, [Zone::OuterEye]],
        'eye shadow' => [Technique::Stipple, [Zone::Eyelid]], 'eyeshadow' => [Technique::Stipple, [Zone::Eyelid]],
        'lipstick' => [Technique::Fill, [Zone::Lips]],
        'lip line' => [Technique::Line, [Zone::Lips]], 'whisker dot' => [Technique::Dots, [Zone::Muzzle]],
        'ear flick' => [Technique::Teardrop, [Zone::Temple]],
        'mouth line' => [Technique::Line, [Zone::Lips]], 'moth line' => [Technique::Line, [Zone::Lips]], 'wing liner' => [Technique::Line,
            [Zone::OuterEye]],
        'winged liner' => [Technique::Line, [Zone::OuterEye]], 'cat eye' => [Technique::Line, [Zone::OuterEye]],
        'schnoz' => [Technique::Fill, [Zone::Nose]],
        'tongue' => [Technique::Fill, [Zone::LowerLip, Zone::Chin]],
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

    /** What else painters call a figure. */
    private const CALLED = [
        'cat' => ['kitty', 'kitten', 'cat face', 'cat head'], 'dog' => ['puppy', 'puppy dog', 'pup', 'doggy', 'hound', 'dog face'],
        'bunny' => ['rabbit', 'hare', 'bunny rabbit', 'easter bunny'], 'bear' => ['teddy', 'teddy bear', 'teddybear', 'polar bear',
            'snow bear', 'brown bear'],
        'panda' => ['panda bear'], 'fox' => ['fox head', 'fox face', 'fox cub'], 'mouse' => ['mice'], 'monkey' => ['ape', 'chimp'],
        'pig' => ['piggy', 'piglet'],
        'cow' => ['calf'], 'sheep' => ['lamb'], 'lion' => ['lion cub', 'lioness'], 'tiger' => ['tiger cub', 'tiger face'],
        'koala' => ['koala bear'],
        'raccoon' => ['racoon'], 'reindeer' => ['deer', 'stag', 'fawn deer'], 'frog' => ['toad'], 'elephant' => ['elephant head'],
        'monster' => ['monster face', 'little monster', 'sea monster'], 'alien' => ['martian'], 'skull' => ['skeleton face', 'sugar skull'],
        'horse' => ['pony', 'foal'], 'unicorn' => ['unicorn head'], 'dragon' => ['baby dragon'], 'dinosaur' => ['dino', 't-rex', 'trex',
            'triceratops', 'stegosaurus'],
        'crocodile' => ['croc', 'alligator', 'gator', 'lizard', 'gecko'], 'turtle' => ['sea turtle', 'tortoise'],
        'seahorse' => ['sea horse'],
        'duck' => ['duckling', 'rubber duck'], 'chick' => ['chicken', 'hen', 'chicks'], 'robin' => ['robin redbreast'],
        'parrot' => ['macaw', 'toucan', 'budgie', 'cockatoo'],
        'bird' => ['swallow', 'dove', 'gull', 'seagull', 'blackbird', 'eagle', 'birdie', 'bluebird'], 'flamingo' => ['stork', 'heron'],
        'butterfly' => ['moth', 'butterflies'], 'bee' => ['bumblebee', 'bumble bee', 'wasp', 'fly'], 'ladybird' => ['ladybug', 'beetle'],
        'caterpillar' => ['worm', 'centipede'], 'snake' => ['serpent'], 'whale' => ['baby whale'], 'seal' => ['seal pup', 'sea lion'],
        'mermaid' => ['mermaid tail', 'mermaid tails'], 'snowman' => ['snow man'], 'ghost' => ['spook'], 'robot' => ['robot head'],
        'witch_hat' => ["witch's hat", 'witches hat', 'wizard hat'], 'pirate_hat' => ['tricorn'], 'party_hat' => ['birthday hat'],
        'moustache' => ['mustache'], 'glasses' => ['spectacles', 'sunglasses', 'specs', 'goggles'], 'eye_patch' => ['eyepatch',
            'pirate patch'],
        'sunflower' => ['sun flower'], 'tree' => ['oak', 'apple tree'], 'fir_tree' => ['christmas tree', 'xmas tree', 'pine tree', 'pine',
            'fir'],
        'palm' => ['palm tree'], 'cactus' => ['cacti'], 'mushroom' => ['toadstool'], 'clover' => ['shamrock', 'four-leaf clover',
            'four leaf clover'],
        'holly' => ['holly leaf', 'holly leaves', 'mistletoe'], 'strawberry' => ['strawberries'], 'cherry' => ['cherries'],
        'watermelon' => ['melon', 'watermelon slice', 'melon slice', 'slice of watermelon'], 'grapes' => ['bunch of grapes'],
        'cupcake' => ['muffin', 'fairy cake', 'cup cake'], 'birthday_cake' => ['cake', 'party cake'], 'ice_cream' => ['ice cream cone',
            'icecream', 'ice-cream', 'cornet'],
        'lolly' => ['ice lolly', 'lollypop sweet', 'popsicle'], 'doughnut' => ['donut'], 'sweet' => ['sweetie', 'candy', 'wrapped sweet',
            'bonbon', 'toffee'],
        'pizza' => ['pizza slice', 'slice of pizza'], 'candy_cane' => ['cane', 'sugar cane'], 'balloon' => ['party balloon',
            'hot air balloon'],
        'parcel' => ['present', 'gift', 'gift box', 'birthday present'], 'jewel' => ['diamond ring', 'gemstone', 'ruby stone'],
        'wand' => ['magic wand', 'fairy wand', 'star wand'], 'key' => ['treasure key'], 'music_note' => ['note sign', 'musical note',
            'musical notes', 'music notes', 'quaver'],
        'firework' => ['rocket burst'], 'football' => ['soccer ball', 'foot ball'], 'basketball' => ['basket ball'],
        'rugby_ball' => ['rugby ball'],
        'shield' => ['badge', 'coat of arms'], 'trophy' => ['cup trophy', 'winners cup'], 'medal' => ['gold medal'],
        'bunting' => ['row of flags', 'string of flags'],
        'car' => ['racing car', 'race car', 'police car', 'van', 'taxi'], 'lorry' => ['truck', 'dumper truck', 'monster truck',
            'bin lorry'],
        'train' => ['steam train', 'steam engine', 'locomotive', 'engine'], 'bus' => ['double decker', 'school bus'],
        'plane' => ['aeroplane', 'airplane', 'jet'], 'helicopter' => ['chopper'], 'rocket' => ['spaceship', 'space ship', 'space rocket',
            'space shuttle'],
        'planet' => ['saturn', 'moon planet'], 'flying_saucer' => ['ufo', 'space saucer'], 'digger' => ['excavator', 'jcb'],
        'fire_engine' => ['fire truck'],
        'comet' => ['shooting star', 'falling star', 'meteor'], 'house' => ['cottage', 'hut', 'shed', 'beach hut', 'gingerbread house'],
        'castle' => ['sandcastle', 'sand castle', 'fort', 'palace'], 'tent' => ['tepee', 'teepee', 'wigwam', 'big top'],
        'rain_cloud' => ['raincloud', 'storm cloud', 'thundercloud', 'thunder cloud'], 'umbrella' => ['brolly', 'parasol'],
        'sword' => ['cutlass', 'dagger'], 'bone' => ['dog bone', 'crossbones'], 'treasure_chest' => ['treasure', 'chest'],
        'guitar' => ['ukulele'],
        'octopus' => ['squid'], 'boat' => ['ship', 'sailboat', 'pirate ship'], 'crown' => ['princess crown', "king's crown"],
        'tiara' => ['princess tiara', 'diadem'],
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
        'tower' => [Technique::Fill, Shape::Lighthouse], 'cloud puff' => [Technique::Fill, Shape::Cloud],
        'cloud puffs' => [Technique::Fill, Shape::Cloud], 'branch' => [Technique::Line, Shape::Branch], 'branches' => [Technique::Line,
            Shape::Branch],
        'twig' => [Technique::Line, Shape::Twig], 'rainbow arch' => [Technique::Fill, Shape::Rainbow], 'half circle' => [Technique::Fill,
            Shape::HalfCircle],
        'semicircle' => [Technique::Fill, Shape::HalfCircle], 'stripes of a rainbow' => [Technique::Fill, Shape::Rainbow],
        'bamboo' => [Technique::Fill, Shape::Bamboo],
        'football' => [Technique::Fill, Shape::Football], 'crosses' => [Technique::Fill, Shape::Cross], 'gumleaf' => [Technique::Fill,
            Shape::Leaf],
        'number' => [Technique::Line, Shape::Plain], 'letter' => [Technique::Line, Shape::Plain], 'shell' => [Technique::Fill,
            Shape::Shell], 'fishes' => [Technique::Fill, Shape::Fish],
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
            if ($shape !== Shape::Plain && $shape->skeleton() === null && ! in_array($shape, self::SHARED, true)) {
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
        $things = [...$things, ...self::figures()];
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

    /** @return array<string, Thing> what has parts of its own, by every word for it */
    private static function figures(): array
    {
        $figures = [];
        foreach (Shape::cases() as $shape) {
            if ($shape->skeleton() !== null && ! in_array($shape, self::SHARED, true)) {
                foreach ([...($shape === Shape::Jewel ? [] : [$shape->label()]), ...(self::CALLED[$shape->value] ?? [])] as $word) {
                    $figures = [...$figures, ...self::named($word, new Thing(Technique::Fill, $shape))];
                }
            }
        }

        return $figures;
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
