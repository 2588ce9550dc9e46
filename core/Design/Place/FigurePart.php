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

    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }

    /** @return list<string> what painters call it, the one that stands for several too */
    public function words(): array
    {
        $words = [$this->label(), ...match ($this) {
            self::Body => ['torso', 'main body', 'fuselage', 'bodies'],
            self::Head => ['heads'],
            self::Ear => ['ears', 'lugs'],
            self::InnerEar => ['inside the ears', 'inside ears', 'inner ears', 'insides of the ears', 'inside of ears', 'inside of the ears', 'in the ears',
                'inside his ears', 'inside her ears', 'inside its ears', 'into the ears'],
            self::Horn => ['horns', 'antlers', 'antler'],
            self::Tuft => ['crest', 'tufts', 'comb'],
            self::Patch => ['patches', 'eye patches'],
            self::Cheek => ['cheeks', 'rosy cheeks', 'blush'],
            self::Muzzle => ['snout', 'jaw', 'chops'],
            self::Beak => ['bill', 'beaks'],
            self::Brow => ['eyebrow', 'eyebrows', 'brows'],
            self::Eye => ['eyes', 'eyeball', 'eyeballs', 'eye sockets'],
            self::Pupil => ['pupils'],
            self::Nose => ['nose', 'nostril', 'nostrils', 'noses'],
            self::Mouth => ['smile', 'grin', 'mouth line', 'lips', 'lip'],
            self::Teeth => ['tooth', 'fangs', 'fang', 'tusks', 'tusk'],
            self::Whiskers => ['whisker', 'whisker dots'],
            self::Belly => ['tummy', 'breast', 'chest', 'bellies', 'belly plates', 'underside', 'bib'],
            self::Wing => ['wings', 'upper wing', 'upper wings', 'top wing', 'top wings', 'big wings', 'wings top'],
            self::LowerWing => ['lower wings', 'bottom wing', 'bottom wings', 'small wings', 'little wings'],
            self::Tail => ['tails', 'fluke', 'flukes', 'tail fin'],
            self::Fin => ['fins', 'flipper', 'flippers', 'back fin', 'top fin'],
            self::Leg => ['legs'],
            self::Arm => ['arms'],
            self::Foot => ['feet', 'paw', 'paws', 'hoof', 'hooves'],
            self::Claw => ['claws', 'talons', 'toes'],
            self::Spikes => ['spike', 'spines', 'plates', 'prickles'],
            self::Spots => ['spot', 'freckles'],
            self::Stripes => ['stripe', 'bands'],
            self::Antenna => ['antennae', 'antennas', 'feelers', 'feeler', 'aerial'],
            self::Spout => ['water spout', 'spray'],
            self::Flame => ['flames', 'fire', 'flames out the bottom', 'exhaust'],
            self::Petals => ['petal'],
            self::Centre => ['center', 'centres', 'middle', 'middles', 'heart of it', 'yellow centres'],
            self::Stem => ['stalk', 'stems', 'stalks'],
            self::Leaf => ['leaves', 'leafs'],
            self::Crown => ['treetop', 'tree top', 'canopy', 'fronds'],
            self::Pot => ['flowerpot', 'plant pot'],
            self::Berries => ['berry'],
            self::Seeds => ['pips', 'seed', 'pip'],
            self::Rind => ['skin', 'peel', 'crust'],
            self::Bite => ['bite mark', 'bites'],
            self::Cone => ['wafer', 'waffle'],
            self::PaperCase => ['paper case', 'wrapper', 'cup'],
            self::Icing => ['frosting', 'topping', 'swirl on top'],
            self::Scoop => ['scoops'],
            self::Drips => ['drip', 'dribbles'],
            self::Sprinkles => ['hundreds and thousands', 'sprinkle', 'toppings'],
            self::Candle => ['candles'],
            self::String => ['strings', 'balloon string'],
            self::Ribbon => ['ribbons'],
            self::Points => ['point', 'crown points', 'peaks'],
            self::Jewels => ['jewel', 'stones'],
            self::Panels => ['pentagons', 'pentagon', 'panel', 'panel lines'],
            self::Seams => ['seam', 'stitching', 'laces'],
            self::Border => ['rim', 'edge of the shield'],
            self::Pole => ['flagpole', 'post'],
            self::Handle => ['hilt', 'handles', 'grip'],
            self::Roof => ['roofs'],
            self::Door => ['doors', 'gate'],
            self::Window => ['windows', 'porthole', 'portholes', 'windscreen', 'cockpit'],
            self::Tower => ['towers', 'turret', 'turrets'],
            self::Flag => ['flags'],
            self::Wheel => ['wheels', 'tyres', 'tyre', 'two wheels', 'hubs'],
            self::Cab => ['cabin'],
            self::Light => ['lights', 'headlight', 'headlights', 'blue light'],
            self::Rotor => ['rotors', 'propeller', 'blades'],
            self::NoseCone => ['nose cone', 'cone', 'tip'],
            self::Ring => ['rings'],
            self::Button => ['buttons'],
            self::Lens => ['lenses'],
            self::Rays => ['ray', 'sunrays'],
            self::Shine => ['highlight', 'highlights'],
            default => [],
        }];

        return array_values(array_unique($words));
    }
}
