<?php

declare(strict_types=1);

namespace Core\Design;

use Core\Design\Timeline\Timeline;
use Core\Exceptions\InvalidDesign;
use Core\Units\Duration;

/** A named list of steps in the order they are painted. */
final readonly class Design
{
    /**
     * @param  list<Step>  $steps  in painting order, ids unique
     * @param  Duration|null  $promise  what the menu says it takes; null when nothing is promised
     * @param  list<string>  $tags  words to find it by
     * @param  list<Pin>  $pins
     * @param  list<Silence>  $silences
     *
     * @throws InvalidDesign when nameless, too long, with a repeated step id or a zone that its placement has not
     */
    public function __construct(
        public string $name,
        public Placement $placement,
        public ?Duration $promise,
        public array $steps,
        public array $tags = [],
        public Audience $audience = new Audience,
        public array $pins = [],
        public array $silences = [],
    ) {
        if (trim($name) === '') {
            throw InvalidDesign::withoutName();
        }
        if (count($steps) > Defaults::MOST_STEPS) {
            throw InvalidDesign::tooManySteps($name, count($steps));
        }
        $this->refuseRepeatedIds();
        $this->refuseForeignZones();
        $this->refuseTags();
        $this->refuseForeignPins();
    }

    /** The steps laid end to end in the given order, with changes of tool and drying between them. */
    public function timeline(ChangeoverMatrix $changeovers, StepTimes $times): Timeline
    {
        return Timeline::of($this->steps, $changeovers, $times);
    }

    public function renamed(string $name): self
    {
        return new self($name, $this->placement, $this->promise, $this->steps, $this->tags, $this->audience, $this->pins, $this->silences);
    }

    /** @param  list<Pin>  $pins */
    public function withPins(array $pins): self
    {
        return new self($this->name, $this->placement, $this->promise, $this->steps, $this->tags, $this->audience, $pins, $this->silences);
    }

    /**
     * The same steps under other ids, in the same order; pins go with them.
     *
     * @param  list<string>  $ids
     */
    public function withIds(array $ids): self
    {
        $new = array_combine(array_map(static fn (Step $step): string => $step->id, $this->steps), $ids);
        $steps = array_map(static fn (Step $step): Step => $step->withId($new[$step->id]), $this->steps);
        $pins = array_map(static fn (Pin $pin): Pin => new Pin($pin->kind, array_map(static fn (string $id): string => $new[$id], $pin->steps)), $this->pins);

        return new self($this->name, $this->placement, $this->promise, $steps, $this->tags, $this->audience, $pins, $this->silences);
    }

    /**
     * Pins of steps that are gone go with them.
     *
     * @param  list<Step>  $steps
     */
    public function withSteps(array $steps): self
    {
        $ids = array_map(static fn (Step $step): string => $step->id, $steps);
        $pins = array_values(array_filter($this->pins, static fn (Pin $pin): bool => $pin->holdsAmong($ids)));

        return new self($this->name, $this->placement, $this->promise, $steps, $this->tags, $this->audience, $pins, $this->silences);
    }

    public function withPromise(Duration $promise): self
    {
        return new self($this->name, $this->placement, $promise, $this->steps, $this->tags, $this->audience, $this->pins, $this->silences);
    }

    public function withAudience(Audience $audience): self
    {
        return new self($this->name, $this->placement, $this->promise, $this->steps, $this->tags, $audience, $this->pins, $this->silences);
    }

    public function isSilent(string $rule): bool
    {
        foreach ($this->silences as $silence) {
            if ($silence->rule === $rule) {
                return true;
            }
        }

        return false;
    }

    private function refuseRepeatedIds(): void
    {
        $seen = [];
        foreach ($this->steps as $step) {
            if (isset($seen[$step->id])) {
                throw InvalidDesign::repeatedStep($this->name, $step->id);
            }
            $seen[$step->id] = true;
        }
    }

    private function refuseForeignZones(): void
    {
        foreach ($this->steps as $step) {
            foreach ($step->zones as $zone) {
                $this->placement->has($zone) || throw InvalidDesign::zone($step, $zone, $this->placement);
            }
        }
    }

    private function refuseForeignPins(): void
    {
        $ids = array_map(static fn (Step $step): string => $step->id, $this->steps);
        foreach ($this->pins as $pin) {
            $pin->holdsAmong($ids) || throw InvalidDesign::pin();
        }
    }

    private function refuseTags(): void
    {
        $tooLong = array_filter($this->tags, static fn (string $tag): bool => mb_strlen($tag) > Defaults::LONGEST_TAG);
        if ($tooLong !== [] || count($this->tags) > Defaults::MOST_TAGS) {
            throw InvalidDesign::tags();
        }
    }
}
