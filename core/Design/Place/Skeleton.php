<?php

declare(strict_types=1);

namespace Core\Design\Place;

/** What a drawn figure is made of, from what lies behind to what lies in front. */
enum Skeleton
{
    case Head;
    case SideHead;
    case Walking;
    case WingedInsect;
    case Beetle;
    case Bird;
    case Swimmer;
    case Crawler;
    case Person;
    case Flower;
    case Tree;
    case Fruit;
    case Cake;
    case Balloon;
    case Parcel;
    case Crown;
    case Ball;
    case Flag;
    case Blade;
    case Hat;
    case Mask;
    case House;
    case Vehicle;
    case Rocket;
    case Sky;

    private const PARTS = [
        'Head' => [
            FigurePart::Mane, FigurePart::Ear, FigurePart::InnerEar, FigurePart::Horn, FigurePart::Antenna, FigurePart::Head,
            FigurePart::Hair, FigurePart::Face, FigurePart::Patch, FigurePart::Stripes, FigurePart::Spots, FigurePart::Cheek,
            FigurePart::Muzzle, FigurePart::Tongue, FigurePart::Beak, FigurePart::Eye, FigurePart::Pupil, FigurePart::Brow,
            FigurePart::Nose, FigurePart::Mouth, FigurePart::Teeth, FigurePart::Whiskers, FigurePart::Hat,
            FigurePart::Petals,
        ],
        'SideHead' => [
            FigurePart::Neck, FigurePart::Mane, FigurePart::Ear, FigurePart::InnerEar, FigurePart::Horn, FigurePart::Head,
            FigurePart::Hair, FigurePart::Cheek, FigurePart::Muzzle, FigurePart::Eye, FigurePart::Brow, FigurePart::Nose,
            FigurePart::Mouth, FigurePart::Teeth, FigurePart::Tongue,
        ],
        'Walking' => [
            FigurePart::Tail, FigurePart::Wing, FigurePart::Spikes, FigurePart::Leg, FigurePart::Foot, FigurePart::Claw, FigurePart::Neck,
            FigurePart::Mane, FigurePart::Body, FigurePart::Belly, FigurePart::Stripes, FigurePart::Spots, FigurePart::Shell,
            FigurePart::Ear, FigurePart::Horn, FigurePart::Head, FigurePart::Hair, FigurePart::Muzzle, FigurePart::Eye, FigurePart::Pupil,
            FigurePart::Nose, FigurePart::Mouth, FigurePart::Teeth, FigurePart::Tongue, FigurePart::Flame,
            FigurePart::Arm,
            FigurePart::Face,
        ],
        'WingedInsect' => [
            FigurePart::LowerWing, FigurePart::Wing, FigurePart::Antenna, FigurePart::Leg, FigurePart::Body, FigurePart::Stripes,
            FigurePart::Spots, FigurePart::Head, FigurePart::Eye, FigurePart::Mouth,
            FigurePart::Ear,
            FigurePart::Teeth,
            FigurePart::Belly,
            FigurePart::Tail,
        ],
        'Beetle' => [
            FigurePart::Leg, FigurePart::Antenna, FigurePart::Body, FigurePart::Wing, FigurePart::Stripes, FigurePart::Spots,
            FigurePart::Head, FigurePart::Eye, FigurePart::Pupil, FigurePart::Mouth,
        ],
        'Bird' => [
            FigurePart::Tail, FigurePart::Leg, FigurePart::Foot, FigurePart::Ear, FigurePart::Body, FigurePart::Belly, FigurePart::Wing,
            FigurePart::Neck, FigurePart::Head, FigurePart::Face, FigurePart::Tuft, FigurePart::Cheek, FigurePart::Beak, FigurePart::Eye,
            FigurePart::Pupil, FigurePart::Brow,
            FigurePart::Spots,
            FigurePart::Stripes,
        ],
        'Swimmer' => [
            FigurePart::Spout, FigurePart::Tail, FigurePart::Fin, FigurePart::Leg, FigurePart::Body, FigurePart::Belly,
            FigurePart::Stripes, FigurePart::Spots, FigurePart::Shell, FigurePart::Head, FigurePart::Muzzle, FigurePart::Nose,
            FigurePart::Mouth, FigurePart::Teeth, FigurePart::Eye, FigurePart::Pupil, FigurePart::Whiskers,
            FigurePart::Spikes,
        ],
        'Crawler' => [
            FigurePart::Leg, FigurePart::Foot, FigurePart::Antenna, FigurePart::Body, FigurePart::Belly, FigurePart::Stripes,
            FigurePart::Spots, FigurePart::Shell, FigurePart::Head, FigurePart::Eye, FigurePart::Pupil, FigurePart::Mouth,
            FigurePart::Tongue, FigurePart::Hat,
        ],
        'Person' => [
            FigurePart::Wing, FigurePart::Tail, FigurePart::Antenna, FigurePart::Leg, FigurePart::Arm, FigurePart::Foot, FigurePart::Body,
            FigurePart::Belly, FigurePart::Panels, FigurePart::Head, FigurePart::Hair, FigurePart::Face, FigurePart::Scarf,
            FigurePart::Hat, FigurePart::Button, FigurePart::Cheek, FigurePart::Eye, FigurePart::Pupil, FigurePart::Nose,
            FigurePart::Mouth, FigurePart::Teeth, FigurePart::Light,
            FigurePart::Spots,
        ],
        'Flower' => [
            FigurePart::Stem, FigurePart::Leaf, FigurePart::Petals, FigurePart::Centre,
            FigurePart::Seeds,
        ],
        'Tree' => [
            FigurePart::Pot, FigurePart::Trunk, FigurePart::Stem, FigurePart::Body, FigurePart::Arm, FigurePart::Crown, FigurePart::Leaf,
            FigurePart::Spots, FigurePart::Spikes, FigurePart::Petals, FigurePart::Berries, FigurePart::Light, FigurePart::Stripes,
        ],
        'Fruit' => [
            FigurePart::Stem, FigurePart::Leaf, FigurePart::Crown, FigurePart::Rind, FigurePart::Body, FigurePart::Stripes,
            FigurePart::Seeds, FigurePart::Bite, FigurePart::Eye, FigurePart::Mouth, FigurePart::Shine,
        ],
        'Cake' => [
            FigurePart::Stick, FigurePart::Cone, FigurePart::PaperCase, FigurePart::Body, FigurePart::Cream, FigurePart::Scoop,
            FigurePart::Icing, FigurePart::Drips, FigurePart::Hole, FigurePart::Stripes, FigurePart::Sprinkles, FigurePart::Cherry,
            FigurePart::Candle, FigurePart::Flame, FigurePart::Bow, FigurePart::Bite,
        ],
        'Balloon' => [
            FigurePart::String, FigurePart::Body, FigurePart::Knot, FigurePart::Spots, FigurePart::Shine,
        ],
        'Parcel' => [
            FigurePart::Body, FigurePart::Lid, FigurePart::Band, FigurePart::Ribbon, FigurePart::Bow, FigurePart::Spots, FigurePart::Handle,
        ],
        'Crown' => [
            FigurePart::Body, FigurePart::Points, FigurePart::Band, FigurePart::Jewels, FigurePart::Stick, FigurePart::Rays,
            FigurePart::Ribbon,
        ],
        'Ball' => [
            FigurePart::Body, FigurePart::Panels, FigurePart::Seams, FigurePart::Stripes,
        ],
        'Flag' => [
            FigurePart::Pole, FigurePart::Ribbon, FigurePart::Body, FigurePart::Handle, FigurePart::Border, FigurePart::Stripes,
            FigurePart::Cross, FigurePart::Foot,
        ],
        'Blade' => [
            FigurePart::Body, FigurePart::Handle, FigurePart::String, FigurePart::Hole,
        ],
        'Hat' => [
            FigurePart::Body, FigurePart::Brim, FigurePart::Band, FigurePart::Buckle, FigurePart::Spots, FigurePart::Stripes,
            FigurePart::Tuft,
        ],
        'Mask' => [
            FigurePart::Strap, FigurePart::Body, FigurePart::Lens,
        ],
        'House' => [
            FigurePart::Chimney, FigurePart::Smoke, FigurePart::Tower, FigurePart::Body, FigurePart::Roof, FigurePart::Door,
            FigurePart::Window, FigurePart::Flag, FigurePart::Rotor,
        ],
        'Vehicle' => [
            FigurePart::Smoke, FigurePart::Chimney, FigurePart::Tail, FigurePart::Wing, FigurePart::Arm, FigurePart::Ladder,
            FigurePart::Body, FigurePart::Cab, FigurePart::Stripes, FigurePart::Window, FigurePart::Door, FigurePart::Light,
            FigurePart::Wheel, FigurePart::Rotor,
            FigurePart::Leg,
            FigurePart::Tower,
        ],
        'Rocket' => [
            FigurePart::Flame, FigurePart::Fin, FigurePart::Ring, FigurePart::Body, FigurePart::NoseCone, FigurePart::Stripes,
            FigurePart::Window, FigurePart::Light, FigurePart::Spots, FigurePart::Tail,
        ],
        'Sky' => [
            FigurePart::Rays, FigurePart::Body, FigurePart::Face, FigurePart::Eye, FigurePart::Mouth, FigurePart::Drips, FigurePart::Handle,
        ],
    ];

    /** @return list<FigurePart> */
    public function parts(): array
    {
        return self::PARTS[$this->name];
    }
}
