<?php

declare(strict_types=1);

namespace Core\Pace;

use Core\Colour\Load;
use Core\Design\Colour;
use Core\Design\Mark;
use Core\Design\Medium;
use Core\Design\Placement;
use Core\Design\Side;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Design\Zone;
use Core\Units\Duration;

/** A stroke that is practised on its own, one side after the other. */
enum Drill: string
{
    case Teardrop = 'teardrop';
    case Swirl = 'swirl';
    case Petal = 'petal';
    case Dots = 'dots';
    case Line = 'line';

    public function label(): string
    {
        return match ($this) {
            self::Teardrop => 'three teardrops',
            self::Swirl => 'a swirl',
            self::Petal => 'five petals',
            self::Dots => 'five dots, big to small',
            self::Line => 'one long line',
        };
    }

    /** What to paint on the board, on one side. */
    public function step(Side $side): Step
    {
        return new Step(
            id: $this->value, name: ucfirst($this->label()), medium: Medium::Brush, tool: $this->tool(),
            colours: [Colour::of('deep blue', '#1d4e89')], zones: [$this->zone()], side: $side, coats: 1, time: null,
            dryFor: Duration::zero(), optional: false, note: '', technique: $this->technique(), load: Load::Normal, count: null,
            smallCount: null, mark: new Mark,
        );
    }

    public function technique(): Technique
    {
        return match ($this) {
            self::Teardrop => Technique::Teardrop,
            self::Swirl => Technique::Swirl,
            self::Petal => Technique::Petal,
            self::Dots => Technique::Dots,
            self::Line => Technique::Line,
        };
    }

    /** Sizes as common practice has them, no source. */
    private function tool(): string
    {
        return match ($this) {
            self::Teardrop, self::Dots => 'round 3',
            self::Swirl, self::Line => 'round 2',
            self::Petal => 'petal',
        };
    }

    /** Where the picture looks closely. */
    public function placement(): Placement
    {
        return $this === self::Line ? Placement::Brow : Placement::Cheek;
    }

    private function zone(): Zone
    {
        return match ($this) {
            self::Line => Zone::Brow,
            default => Zone::Cheek,
        };
    }
}
