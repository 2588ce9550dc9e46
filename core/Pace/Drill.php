<?php

declare(strict_types=1);

namespace Core\Pace;

use Core\Colour\Load;
use Core\Design\Colour;
use Core\Design\Medium;
use Core\Design\Place\Guide;
use Core\Design\Place\Landmark;
use Core\Design\Place\Mark;
use Core\Design\Place\Placement;
use Core\Design\Place\Shape;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Units\Duration;

/** A stroke that is practised on its own, one side after the other. */
enum Drill: string
{
    case Teardrop = 'teardrop';
    case Swirl = 'swirl';
    case Petal = 'petal';
    case Dots = 'dots';
    case Line = 'line';
    case Stripe = 'stripe';
    case Pair = 'pair';
    case Flame = 'flame';
    case MirroredPetals = 'mirrored_petals';
    case Cluster = 'cluster';
    case DoubleSwirl = 'double_swirl';
    case Filigree = 'filigree';
    case SplitCake = 'split_cake';
    case WingPress = 'wing_press';
    case SpongeWing = 'sponge_wing';

    public function label(): string
    {
        return match ($this) {
            self::Teardrop => 'three teardrops',
            self::Swirl => 'a swirl',
            self::Petal => 'five petals',
            self::Dots => 'five dots, big to small',
            self::Line => 'one long line',
            self::Stripe => 'a stripe, thin, thick, thin',
            self::Pair => 'a matching pair of curls',
            self::Flame => 'a flame stroke',
            self::MirroredPetals => 'petals to the hand and away from it',
            self::Cluster => 'teardrops to one point',
            self::DoubleSwirl => 'a double swirl',
            self::Filigree => 'filigree by the eye',
            self::SplitCake => 'a split-cake stripe',
            self::WingPress => 'a wing, pressed',
            self::SpongeWing => 'a sponge wing by the clock',
        };
    }

    /** What to paint on the board, on one side. */
    public function step(Side $side): Step
    {
        return new Step(
            id: $this->value, name: ucfirst($this->label()), medium: $this->medium(), tool: $this->tool(),
            colours: $this->colours(), zones: [$this->zone()], side: $side, coats: 1, time: null,
            dryFor: Duration::zero(), optional: false, note: '', technique: $this->technique(), load: Load::Normal,
            count: $this->count(), smallCount: null, mark: $this->mark(),
        );
    }

    public function technique(): Technique
    {
        return match ($this) {
            self::Teardrop, self::Cluster => Technique::Teardrop,
            self::Swirl, self::Pair, self::Filigree => Technique::Swirl,
            self::Petal, self::MirroredPetals, self::WingPress => Technique::Petal,
            self::Dots => Technique::Dots,
            self::Line => Technique::Line,
            self::Stripe, self::SplitCake => Technique::Stripe,
            self::Flame => Technique::Fill,
            self::DoubleSwirl => Technique::DoubleSwirl,
            self::SpongeWing => Technique::Stipple,
        };
    }

    private function medium(): Medium
    {
        return $this === self::SpongeWing ? Medium::Sponge : Medium::Brush;
    }

    /** Sizes as common practice has them, no source. */
    private function tool(): string
    {
        return match ($this) {
            self::Teardrop, self::Dots, self::Cluster => 'round 3',
            self::Swirl, self::Line, self::Pair, self::DoubleSwirl, self::Filigree => 'round 2',
            self::Petal, self::MirroredPetals, self::WingPress => 'petal',
            self::Stripe, self::Flame => 'round 4',
            self::SplitCake => 'one stroke',
            self::SpongeWing => 'half sponge',
        };
    }

    /** @return list<Colour> two side by side for what is loaded so */
    private function colours(): array
    {
        $blue = Colour::of('deep blue', '#1d4e89');

        return match ($this) {
            self::SplitCake, self::WingPress, self::SpongeWing => [$blue, Colour::of('white', '#fafaf7')],
            default => [$blue],
        };
    }

    /** null for as many as is usual of such strokes. */
    private function count(): ?int
    {
        return match ($this) {
            self::Stripe, self::SplitCake => 1,
            self::Filigree => 3,
            self::MirroredPetals => 4,
            self::WingPress => 2,
            self::Cluster => 5,
            default => null,
        };
    }

    private function mark(): Mark
    {
        return match ($this) {
            self::Flame => new Mark(Shape::Flame),
            self::Cluster => new Mark(guides: [Guide::aim(Landmark::NoseTop)]),
            self::WingPress => new Mark(guides: [Guide::angle(30)]),
            self::SpongeWing => new Mark(Shape::UpperWing, guides: [Guide::clock(2)]),
            default => new Mark,
        };
    }

    /** Where the picture looks closely. */
    public function placement(): Placement
    {
        return match ($this) {
            self::Line, self::Cluster => Placement::Brow,
            self::Filigree => Placement::Eye,
            default => Placement::Cheek,
        };
    }

    private function zone(): Zone
    {
        return match ($this) {
            self::Line => Zone::Brow,
            self::Cluster => Zone::Forehead,
            self::Filigree => Zone::OuterEye,
            default => Zone::Cheek,
        };
    }
}
