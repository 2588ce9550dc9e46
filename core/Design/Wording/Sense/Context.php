<?php

declare(strict_types=1);

namespace Core\Design\Wording\Sense;

use Core\Design\Colour;
use Core\Design\Defaults;
use Core\Design\Medium;
use Core\Design\Place\Placement;
use Core\Design\Place\Shape;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Step;

/** What stands above a line: the steps before it, the heading they stand under, and where the design is painted. */
final readonly class Context
{
    /**
     * @param  list<Earlier>  $above  in their order
     * @param  bool  $isList  whether the line is one of many
     */
    public function __construct(
        public Placement $placement,
        public array $above = [],
        public ?Under $under = null,
        public bool $isList = false,
        public ?Subject $subject = null,
    ) {}

    /** What the design is a picture of. */
    public function drawn(): Subject
    {
        return $this->subject ?? Subject::none();
    }

    /** What the heading that it stands under says of it. */
    public function heading(): Under
    {
        return $this->under ?? Under::nothing();
    }

    /**
     * No line speaks of what stands further above than a design is long.
     *
     * @param  bool  $isWritten  in full, so that no line below leaves out whose parts it paints
     */
    public function with(Earlier $step, bool $isWritten = false): self
    {
        $above = array_slice([...$this->above, $step], -Defaults::MOST_STEPS);

        $shape = $step->step->mark->shape;
        $subject = $shape === null || $isWritten ? $this->subject : $this->drawn()->after($shape, $this->placement);

        return $this->having(above: $above, subject: $subject);
    }

    /** With the step of that id as it is now. */
    public function replacing(Step $step): self
    {
        return $this->having(above: array_map(
            static fn (Earlier $earlier): Earlier => $earlier->step->id === $step->id ? new Earlier($step, $earlier->nouns) : $earlier,
            $this->above,
        ));
    }

    public function under(Under $heading): self
    {
        return $this->having(under: $this->heading()->below($heading));
    }

    /** The last step that painted that figure or a part of it. */
    public function lastOf(Shape $figure): ?Step
    {
        return $this->lastThat(static fn (Step $step): bool => $step->mark->shape === $figure);
    }

    /** The last step that lays something on the skin. */
    public function last(): ?Step
    {
        return $this->lastThat(static fn (Step $step): bool => $step->medium !== Medium::Bare);
    }

    /** @param  callable(Step): bool  $fits */
    public function lastThat(callable $fits): ?Step
    {
        for ($at = count($this->above) - 1; $at >= 0; $at--) {
            if ($fits($this->above[$at]->step)) {
                return $this->above[$at]->step;
            }
        }

        return null;
    }

    public function lastWith(Medium $medium): ?Step
    {
        return $this->lastThat(static fn (Step $step): bool => $step->medium === $medium);
    }

    /** @return list<Colour> those of the last step that fits and has any */
    public function coloursOfLast(callable $fits): array
    {
        return $this->lastThat(static fn (Step $step): bool => $step->colours !== [] && $fits($step) === true)->colours ?? [];
    }

    /** The last step that made what this word says. */
    public function made(string $noun): ?Step
    {
        for ($at = count($this->above) - 1; $at >= 0; $at--) {
            if (in_array($noun, $this->above[$at]->nouns, true)) {
                return $this->above[$at]->step;
            }
        }

        return null;
    }

    /** The one side that steps of the design lie on, where none lies on the other. */
    public function onlySide(): ?Side
    {
        $only = null;
        foreach ($this->above as $earlier) {
            $side = $earlier->step->side;
            if (! $earlier->isPainted() || ! $side->isOneSided()) {
                continue;
            }
            if ($only !== null && $only !== $side) {
                return null;
            }
            $only = $side;
        }

        return $only;
    }

    /** @return list<Zone> all that is painted so far, in that order */
    public function zones(bool $byBrush): array
    {
        $zones = [];
        foreach ($this->above as $earlier) {
            foreach ($earlier->isPainted() && (! $byBrush || $earlier->step->medium === Medium::Brush)
                ? $earlier->step->zones
                : [] as $zone) {
                $zones[$zone->value] = $zone;
            }
        }

        return array_values($zones);
    }

    /** Whether places of a whole face have their say: a cheek has no muzzle. */
    public function isOfFace(): bool
    {
        return $this->placement === Placement::FullFace || $this->placement === Placement::Mask || $this->placement === Placement::Eye;
    }

    /** @param  list<Earlier>|null  $above */
    private function having(?array $above = null, ?Under $under = null, ?Subject $subject = null): self
    {
        return new self(
            placement: $this->placement,
            above: $above ?? $this->above,
            under: $under ?? $this->under,
            isList: $this->isList,
            subject: $subject ?? $this->subject,
        );
    }
}
