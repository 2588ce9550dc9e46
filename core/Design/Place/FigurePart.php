<?php

declare(strict_types=1);

namespace Core\Design\Place;

/** A part of a drawn figure: the ear of a bunny on a cheek, and not the child's. */
enum FigurePart: string
{
    case Body = 'body';
    case Head = 'head';
    case Neck = 'neck';
    case Ear = 'ear';
    case InnerEar = 'inner_ear';
    case Horn = 'horn';
    case Mane = 'mane';
    case Hair = 'hair';
    case Tuft = 'tuft';
    case Face = 'face';
    case Patch = 'patch';
    case Cheek = 'cheek';
    case Muzzle = 'muzzle';
    case Beak = 'beak';
    case Brow = 'brow';
    case Eye = 'eye';
    case Pupil = 'pupil';
    case Nose = 'nose';
    case Mouth = 'mouth';
    case Teeth = 'teeth';
    case Tongue = 'tongue';
    case Whiskers = 'whiskers';
    case Belly = 'belly';
    case Wing = 'wing';
    case LowerWing = 'lower_wing';
    case Tail = 'tail';
    case Fin = 'fin';
    case Leg = 'leg';
    case Arm = 'arm';
    case Foot = 'foot';
    case Claw = 'claw';
    case Spikes = 'spikes';
    case Spots = 'spots';
    case Stripes = 'stripes';
    case Shell = 'shell';
    case Antenna = 'antenna';
    case Spout = 'spout';
    case Flame = 'flame';
    case Petals = 'petals';
    case Centre = 'centre';
    case Stem = 'stem';
    case Leaf = 'leaf';
    case Trunk = 'trunk';
    case Crown = 'crown';
    case Pot = 'pot';
    case Berries = 'berries';
    case Seeds = 'seeds';
    case Rind = 'rind';
    case Bite = 'bite';
    case Cone = 'cone';
    case PaperCase = 'case';
    case Icing = 'icing';
    case Scoop = 'scoop';
    case Drips = 'drips';
    case Sprinkles = 'sprinkles';
    case Cherry = 'cherry';
    case Candle = 'candle';
    case Cream = 'cream';
    case Hole = 'hole';
    case Stick = 'stick';
    case String = 'string';
    case Knot = 'knot';
    case Ribbon = 'ribbon';
    case Bow = 'bow';
    case Lid = 'lid';
    case Band = 'band';
    case Points = 'points';
    case Jewels = 'jewels';
    case Panels = 'panels';
    case Seams = 'seams';
    case Border = 'border';
    case Pole = 'pole';
    case Cross = 'cross';
    case Handle = 'handle';
    case Roof = 'roof';
    case Door = 'door';
    case Window = 'window';
    case Chimney = 'chimney';
    case Smoke = 'smoke';
    case Tower = 'tower';
    case Flag = 'flag';
    case Wheel = 'wheel';
    case Cab = 'cab';
    case Light = 'light';
    case Ladder = 'ladder';
    case Rotor = 'rotor';
    case NoseCone = 'nose_cone';
    case Ring = 'ring';
    case Button = 'button';
    case Scarf = 'scarf';
    case Hat = 'hat';
    case Brim = 'brim';
    case Buckle = 'buckle';
    case Lens = 'lens';
    case Strap = 'strap';
    case Rays = 'rays';
    case Shine = 'shine';

    /** What else painters call it, the word for several among them. Common practice, no source. */
    private const WORDS = [
        'body' => ['torso', 'main body', 'fuselage', 'bodies'],
        'head' => ['heads'],
        'ear' => ['ears', 'lugs'],
        'inner_ear' => ['inside the ears', 'inside ears', 'inner ears', 'insides of the ears', 'inside of ears', 'inside of the ears',
            'in the ears', 'inside his ears', 'inside her ears', 'inside its ears', 'into the ears'],
        'horn' => ['horns', 'antlers', 'antler'],
        'tuft' => ['crest', 'tufts', 'comb'],
        'patch' => ['patches', 'eye patches'],
        'cheek' => ['cheeks', 'rosy cheeks', 'blush'],
        'muzzle' => ['snout', 'jaw', 'chops'],
        'beak' => ['bill', 'beaks'],
        'brow' => ['eyebrow', 'eyebrows', 'brows'],
        'eye' => ['eyes', 'eyeball', 'eyeballs', 'eye sockets'],
        'pupil' => ['pupils'],
        'nose' => ['nose', 'nostril', 'nostrils', 'noses'],
        'mouth' => ['smile', 'grin', 'mouth line', 'lips', 'lip'],
        'teeth' => ['tooth', 'fangs', 'fang', 'tusks', 'tusk'],
        'whiskers' => ['whisker', 'whisker dots'],
        'belly' => ['tummy', 'breast', 'chest', 'bellies', 'belly plates', 'underside', 'bib'],
        'wing' => ['wings', 'upper wing', 'upper wings', 'top wing', 'top wings', 'big wings', 'wings top'],
        'lower_wing' => ['lower wings', 'bottom wing', 'bottom wings', 'small wings', 'little wings'],
        'tail' => ['tails', 'fluke', 'flukes', 'tail fin'],
        'fin' => ['fins', 'flipper', 'flippers', 'back fin', 'top fin'],
        'leg' => ['legs'],
        'arm' => ['arms'],
        'foot' => ['feet', 'paw', 'paws', 'hoof', 'hooves'],
        'claw' => ['claws', 'talons', 'toes'],
        'spikes' => ['spike', 'spines', 'plates', 'prickles'],
        'spots' => ['spot', 'freckles'],
        'stripes' => ['stripe', 'bands'],
        'antenna' => ['antennae', 'antennas', 'feelers', 'feeler', 'aerial'],
        'spout' => ['water spout', 'spray'],
        'flame' => ['flames', 'fire', 'flames out the bottom', 'exhaust'],
        'petals' => ['petal'],
        'centre' => ['center', 'centres', 'middle', 'middles', 'heart of it', 'yellow centres'],
        'stem' => ['stalk', 'stems', 'stalks'],
        'leaf' => ['leaves', 'leafs'],
        'crown' => ['treetop', 'tree top', 'canopy', 'fronds'],
        'pot' => ['flowerpot', 'plant pot'],
        'berries' => ['berry'],
        'seeds' => ['pips', 'seed', 'pip'],
        'rind' => ['skin', 'peel', 'crust'],
        'bite' => ['bite mark', 'bites'],
        'cone' => ['wafer', 'waffle'],
        'case' => ['paper case', 'wrapper', 'cup'],
        'icing' => ['frosting', 'topping', 'swirl on top'],
        'scoop' => ['scoops'],
        'drips' => ['drip', 'dribbles'],
        'sprinkles' => ['hundreds and thousands', 'sprinkle', 'toppings'],
        'candle' => ['candles'],
        'string' => ['strings', 'balloon string'],
        'ribbon' => ['ribbons'],
        'points' => ['point', 'crown points', 'peaks'],
        'jewels' => ['jewel', 'stones'],
        'panels' => ['pentagons', 'pentagon', 'panel', 'panel lines'],
        'seams' => ['seam', 'stitching', 'laces'],
        'border' => ['rim', 'edge of the shield'],
        'pole' => ['flagpole', 'post'],
        'handle' => ['hilt', 'handles', 'grip'],
        'roof' => ['roofs'],
        'door' => ['doors', 'gate'],
        'window' => ['windows', 'porthole', 'portholes', 'windscreen', 'cockpit'],
        'tower' => ['towers', 'turret', 'turrets'],
        'flag' => ['flags'],
        'wheel' => ['wheels', 'tyres', 'tyre', 'two wheels', 'hubs'],
        'cab' => ['cabin'],
        'light' => ['lights', 'headlight', 'headlights', 'blue light'],
        'rotor' => ['rotors', 'propeller', 'blades'],
        'nose_cone' => ['nose cone', 'cone', 'tip'],
        'ring' => ['rings'],
        'button' => ['buttons'],
        'lens' => ['lenses'],
        'rays' => ['ray', 'sunrays'],
        'shine' => ['highlight', 'highlights'],
    ];

    private const BROAD = [
        self::Body, self::Head, self::Crown, self::PaperCase, self::Icing, self::Scoop, self::Cone, self::Shell, self::Wing, self::Roof,
        self::Petals, self::Mane, self::Rind, self::Tower, self::Cream, self::Face,
    ];

    private const SMALL = [
        self::Eye, self::Pupil, self::Nose, self::Mouth, self::Teeth, self::Tongue, self::Beak, self::Brow, self::Cheek, self::InnerEar,
        self::Horn, self::Claw, self::Knot, self::Button, self::Cherry, self::Seeds,
        self::Berries, self::Bite, self::Hole, self::Jewels, self::Light,
        self::Window, self::Shine, self::Buckle, self::Flag, self::Tuft, self::Whiskers,
        self::Antenna, self::Centre, self::Stick, self::Spout,
    ];

    /** Of all that a figure covers. Team's estimates. */
    public function share(): float
    {
        return match (true) {
            in_array($this, self::BROAD, true) => 0.5,
            in_array($this, self::SMALL, true) => 0.06,
            default => 0.2,
        };
    }

    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }

    /** @return list<string> what painters call it, the word for several among them */
    public function words(): array
    {
        return [$this->label(), ...(self::WORDS[$this->value] ?? [])];
    }
}
