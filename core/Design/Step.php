<?php

declare(strict_types=1);

namespace Core\Design;

use Core\Exceptions\InvalidStep;
use Core\Units\Duration;

/** One thing painted with one tool: what, with what, where, and for how long. */
final readonly class Step
{
    /**
     * @param  list<Colour>  $colours  in the order they are picked up; empty for none
     * @param  list<Zone>  $zones  one at least
     * @param  int  $coats  1 to Defaults::MOST_COATS
     * @param  Duration  $time  hands on the skin, all coats and sides together
     * @param  Duration  $dryFor  how long the paint below, in these zones, must have dried before the step starts
     *
     * @throws InvalidStep when a value makes no sense
     */
    public function __construct(
        public string $id,
        public string $name,
        public Medium $medium,
        public string $tool,
        public array $colours,
        public array $zones,
        public Side $side,
        public int $coats,
        public Duration $time,
        public Duration $dryFor,
        public bool $optional,
        public string $note,
    ) {
        $this->refuseNonsense();
    }

    public function withId(string $id): self
    {
        return new self(
            $id,
            $this->name,
            $this->medium,
            $this->tool,
            $this->colours,
            $this->zones,
            $this->side,
            $this->coats,
            $this->time,
            $this->dryFor,
            $this->optional,
            $this->note,
        );
    }

    /** Whether both lay something on the same skin. */
    public function touches(self $other): bool
    {
        if (! $this->side->meets($other->side)) {
            return false;
        }
        foreach ($this->zones as $zone) {
            if (in_array($zone, $other->zones, true)) {
                return true;
            }
        }

        return false;
    }

    public function usesColoursOf(self $other): bool
    {
        if (count($this->colours) !== count($other->colours)) {
            return false;
        }
        foreach ($this->colours as $index => $colour) {
            if (! $colour->equals($other->colours[$index])) {
                return false;
            }
        }

        return true;
    }

    private function refuseNonsense(): void
    {
        match (true) {
            trim($this->name) === '' => throw InvalidStep::withoutName(),
            $this->time->isZero() => throw InvalidStep::withoutTime($this->name),
            $this->time->isLongerThan(Defaults::longestStep()) => throw InvalidStep::tooLong($this->name),
            $this->dryFor->isLongerThan(Defaults::longestStep()) => throw InvalidStep::dryingTooLong($this->name),
            $this->zones === [] => throw InvalidStep::withoutZone($this->name),
            $this->coats < 1 || $this->coats > Defaults::MOST_COATS => throw InvalidStep::coats($this->name, $this->coats),
            default => $this->refuseSideOfCentre(),
        };
    }

    private function refuseSideOfCentre(): void
    {
        if (! $this->side->isOneSided() || count($this->zones) > 1 || ! $this->zones[0]->isOnMiddleLine()) {
            return;
        }

        throw InvalidStep::sideOfCentre($this->name, $this->zones[0]->label(), $this->side->value);
    }
}
