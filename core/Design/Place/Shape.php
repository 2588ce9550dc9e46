<?php

declare(strict_types=1);

namespace Core\Design\Place;

/** A named form that a step fills, outlines or stencils, so that a design is composed by words. */
enum Shape: string
{
    case Circle = 'circle';
    case Oval = 'oval';
    case Ring = 'ring';
    case Triangle = 'triangle';
    case Diamond = 'diamond';
    case Arch = 'arch';
    case Band = 'band';
    case Banner = 'banner';
    case Bow = 'bow';
    case Mask = 'mask';
    case Crescent = 'crescent';
    case Sun = 'sun';
    case Star = 'star';
    case FourPointStar = 'four_point_star';
    case Snowflake = 'snowflake';
    case Cloud = 'cloud';
    case Bolt = 'bolt';
    case Drop = 'drop';
    case Flame = 'flame';
    case WaveCurl = 'wave_curl';
    case Wave = 'wave';
    case Ripple = 'ripple';
    case Starfish = 'starfish';
    case Shell = 'shell';
    case Spiral = 'spiral';
    case Fin = 'fin';
    case Fish = 'fish';
    case WhaleTail = 'whale_tail';
    case Tentacle = 'tentacle';
    case Octopus = 'octopus';
    case Bell = 'bell';
    case Crab = 'crab';
    case Claw = 'claw';
    case Coral = 'coral';
    case Seaweed = 'seaweed';
    case UpperWing = 'upper_wing';
    case LowerWing = 'lower_wing';
    case Feather = 'feather';
    case Beak = 'beak';
    case RoundEar = 'round_ear';
    case PointedEar = 'pointed_ear';
    case Muzzle = 'muzzle';
    case Nose = 'nose';
    case Eye = 'eye';
    case Tooth = 'tooth';
    case Horn = 'horn';
    case Paw = 'paw';
    case Leaf = 'leaf';
    case Flower = 'flower';
    case Heart = 'heart';
    case Lighthouse = 'lighthouse';
    case Beam = 'beam';
    case Lantern = 'lantern';
    case Anchor = 'anchor';
    case Sail = 'sail';
    case Boat = 'boat';
    case Wheel = 'wheel';
    case Rope = 'rope';
    case Web = 'web';
    case Net = 'net';
    case Zigzag = 'zigzag';
    case ScallopEdge = 'scallop_edge';
    case Crack = 'crack';
    case ToothRow = 'tooth_row';
    case SpikeRow = 'spike_row';
    case DripRow = 'drip_row';
    case FlameRow = 'flame_row';
    case BeadString = 'bead_string';
    case LoopRow = 'loop_row';
    case LeafVeins = 'leaf_veins';
    case Antennae = 'antennae';
    case Ribbon = 'ribbon';
    case Swoops = 'swoops';
    case QuestionCurl = 'question_curl';
    case ManeCurls = 'mane_curls';
    case FurFlicks = 'fur_flicks';
    case BasketWeave = 'basket_weave';
    case JointedLegs = 'jointed_legs';
    case FrostingSwirl = 'frosting_swirl';
    case Scales = 'scales';
    case Mesh = 'mesh';
    case StarField = 'star_field';
    case Cat = 'cat';
    case Dog = 'dog';
    case Bunny = 'bunny';
    case Bear = 'bear';
    case Panda = 'panda';
    case Fox = 'fox';
    case Mouse = 'mouse';
    case Monkey = 'monkey';
    case Pig = 'pig';
    case Cow = 'cow';
    case Sheep = 'sheep';
    case Lion = 'lion';
    case Tiger = 'tiger';
    case Koala = 'koala';
    case Raccoon = 'raccoon';
    case Reindeer = 'reindeer';
    case Frog = 'frog';
    case Elephant = 'elephant';
    case Monster = 'monster';
    case Alien = 'alien';
    case Skull = 'skull';
    case Clown = 'clown';
    case Horse = 'horse';
    case Unicorn = 'unicorn';
    case Dragon = 'dragon';
    case Dinosaur = 'dinosaur';
    case Hedgehog = 'hedgehog';
    case Crocodile = 'crocodile';
    case Turtle = 'turtle';
    case Snail = 'snail';
    case Seahorse = 'seahorse';
    case Giraffe = 'giraffe';
    case Owl = 'owl';
    case Penguin = 'penguin';
    case Duck = 'duck';
    case Chick = 'chick';
    case Robin = 'robin';
    case Parrot = 'parrot';
    case Flamingo = 'flamingo';
    case Bird = 'bird';
    case Puffin = 'puffin';
    case Bat = 'bat';
    case Butterfly = 'butterfly';
    case Bee = 'bee';
    case Ladybird = 'ladybird';
    case Dragonfly = 'dragonfly';
    case Spider = 'spider';
    case Caterpillar = 'caterpillar';
    case Snake = 'snake';
    case Shark = 'shark';
    case Whale = 'whale';
    case Dolphin = 'dolphin';
    case Seal = 'seal';
    case Jellyfish = 'jellyfish';
    case Mermaid = 'mermaid';
    case Snowman = 'snowman';
    case Ghost = 'ghost';
    case Robot = 'robot';
    case WitchHat = 'witch_hat';
    case PirateHat = 'pirate_hat';
    case PartyHat = 'party_hat';
    case Moustache = 'moustache';
    case Glasses = 'glasses';
    case EyePatch = 'eye_patch';
    case Rose = 'rose';
    case Tulip = 'tulip';
    case Sunflower = 'sunflower';
    case Branch = 'branch';
    case Tree = 'tree';
    case FirTree = 'fir_tree';
    case Palm = 'palm';
    case Cactus = 'cactus';
    case Mushroom = 'mushroom';
    case Clover = 'clover';
    case Pumpkin = 'pumpkin';
    case Holly = 'holly';
    case Apple = 'apple';
    case Strawberry = 'strawberry';
    case Cherry = 'cherry';
    case Watermelon = 'watermelon';
    case Pineapple = 'pineapple';
    case Banana = 'banana';
    case Grapes = 'grapes';
    case Carrot = 'carrot';
    case Cupcake = 'cupcake';
    case BirthdayCake = 'birthday_cake';
    case IceCream = 'ice_cream';
    case Lolly = 'lolly';
    case Doughnut = 'doughnut';
    case Sweet = 'sweet';
    case Pizza = 'pizza';
    case CandyCane = 'candy_cane';
    case Balloon = 'balloon';
    case Parcel = 'parcel';
    case Crown = 'crown';
    case Tiara = 'tiara';
    case Jewel = 'jewel';
    case Wand = 'wand';
    case Key = 'key';
    case MusicNote = 'music_note';
    case Firework = 'firework';
    case Bunting = 'bunting';
    case Rainbow = 'rainbow';
    case Candle = 'candle';
    case Football = 'football';
    case Basketball = 'basketball';
    case RugbyBall = 'rugby_ball';
    case Shield = 'shield';
    case Flag = 'flag';
    case Trophy = 'trophy';
    case Medal = 'medal';
    case Car = 'car';
    case Lorry = 'lorry';
    case Tractor = 'tractor';
    case Train = 'train';
    case Bus = 'bus';
    case Plane = 'plane';
    case Helicopter = 'helicopter';
    case Rocket = 'rocket';
    case Planet = 'planet';
    case FlyingSaucer = 'flying_saucer';
    case Digger = 'digger';
    case FireEngine = 'fire_engine';
    case Submarine = 'submarine';
    case Comet = 'comet';
    case House = 'house';
    case Castle = 'castle';
    case Tent = 'tent';
    case Windmill = 'windmill';
    case RainCloud = 'rain_cloud';
    case Umbrella = 'umbrella';
    case Tornado = 'tornado';
    case Sword = 'sword';
    case Bone = 'bone';
    case TreasureChest = 'treasure_chest';
    case Barrel = 'barrel';
    case Guitar = 'guitar';
    case Bamboo = 'bamboo';
    case Twig = 'twig';
    case Square = 'square';
    case HalfCircle = 'half_circle';
    case LongEar = 'long_ear';
    case FloppyEar = 'floppy_ear';
    case Rectangle = 'rectangle';
    case Cross = 'cross';
    case Pentagon = 'pentagon';
    case Hexagon = 'hexagon';
    case Splash = 'splash';
    case Plain = 'plain';

    /** Textures fill a whole place; the others have a middle, a size and a turn of their own. */
    public function isTexture(): bool
    {
        return $this === self::Scales || $this === self::Mesh || $this === self::StarField;
    }

    /** What is painted on a figure, as bands, eyes and teeth are, and not as a figure of its own beside it. */
    public function isPart(): bool
    {
        return match ($this) {
            self::Circle, self::Oval, self::Ring, self::Triangle, self::Diamond, self::Band, self::Crescent, self::Eye,
            self::Nose, self::Tooth, self::ToothRow, self::LeafVeins, self::Muzzle, self::Swoops,
            self::BasketWeave, self::JointedLegs, self::FurFlicks => true,
            default => false,
        };
    }

    /** What stands on both sides of a head or a body. */
    public function isOfPair(): bool
    {
        return match ($this) {
            self::RoundEar, self::PointedEar, self::LongEar, self::FloppyEar, self::Horn, self::UpperWing, self::LowerWing, self::Eye,
            self::Claw => true,
            default => false,
        };
    }

    public function isEar(): bool
    {
        return in_array($this, [self::RoundEar, self::PointedEar, self::LongEar, self::FloppyEar], true);
    }

    /** What it is made of, where it is a figure with parts of its own; null for a plain form. */
    public function skeleton(): ?Skeleton
    {
        return match ($this) {
            self::Cat, self::Dog, self::Bunny, self::Bear, self::Panda, self::Fox, self::Mouse, self::Monkey, self::Pig, self::Cow,
            self::Sheep, self::Lion, self::Tiger, self::Koala, self::Raccoon, self::Reindeer, self::Frog, self::Elephant,
            self::Monster, self::Alien, self::Skull, self::Clown => Skeleton::Head,
            self::Horse, self::Unicorn => Skeleton::SideHead,
            self::Dragon, self::Dinosaur, self::Hedgehog, self::Crocodile, self::Giraffe => Skeleton::Walking,
            self::Butterfly, self::Bee, self::Dragonfly, self::Bat => Skeleton::WingedInsect,
            self::Ladybird, self::Spider => Skeleton::Beetle,
            self::Owl, self::Penguin, self::Duck, self::Chick, self::Robin, self::Parrot, self::Flamingo, self::Bird,
            self::Puffin => Skeleton::Bird,
            self::Fish, self::Shark, self::Whale, self::Dolphin, self::Seal, self::Jellyfish, self::Turtle,
            self::Seahorse => Skeleton::Swimmer,
            self::Snail, self::Caterpillar, self::Snake => Skeleton::Crawler,
            self::Snowman, self::Ghost, self::Robot, self::Mermaid => Skeleton::Person,
            self::Rose, self::Tulip, self::Sunflower => Skeleton::Flower,
            self::Branch, self::Tree, self::FirTree, self::Palm, self::Cactus, self::Mushroom, self::Clover, self::Holly, self::Twig,
            self::Bamboo => Skeleton::Tree,
            self::Apple, self::Strawberry, self::Cherry, self::Watermelon, self::Pineapple, self::Banana, self::Grapes, self::Carrot,
            self::Pumpkin => Skeleton::Fruit,
            self::Cupcake, self::BirthdayCake, self::IceCream, self::Lolly, self::Doughnut, self::Sweet, self::Pizza, self::CandyCane,
            self::Candle => Skeleton::Cake,
            self::Balloon => Skeleton::Balloon,
            self::Parcel, self::TreasureChest, self::Barrel => Skeleton::Parcel,
            self::Crown, self::Tiara, self::Jewel, self::Wand, self::Key => Skeleton::Crown,
            self::Football, self::Basketball, self::RugbyBall => Skeleton::Ball,
            self::Shield, self::Flag, self::Trophy, self::Medal, self::Bunting => Skeleton::Flag,
            self::Sword, self::Guitar => Skeleton::Blade,
            self::WitchHat, self::PirateHat, self::PartyHat => Skeleton::Hat,
            self::Moustache, self::Glasses, self::EyePatch => Skeleton::Mask,
            self::House, self::Castle, self::Tent, self::Windmill => Skeleton::House,
            self::Car, self::Lorry, self::Tractor, self::Train, self::Bus, self::Plane, self::Helicopter, self::Digger,
            self::FireEngine, self::Submarine => Skeleton::Vehicle,
            self::Rocket, self::Planet, self::FlyingSaucer, self::Comet => Skeleton::Rocket,
            self::RainCloud, self::Umbrella => Skeleton::Sky,
            default => null,
        };
    }

    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}
