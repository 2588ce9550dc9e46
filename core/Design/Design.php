<?php

declare(strict_types=1);

namespace Core\Design;

use Core\Design\Place\Placement;
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
     * @param  list<RungChoice>  $rungs  what is meant by the names of rungs, each name once
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
        public array $rungs = [],
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

    public function renamed(string $name): self
    {
        return $this->copy(name: $name);
    }

    /** @param  list<Pin>  $pins */
    public function withPins(array $pins): self
    {
        return $this->copy(pins: $pins);
    }

    /** @param  list<RungChoice>  $rungs */
    public function withRungs(array $rungs): self
    {
        return $this->copy(rungs: $rungs);
    }

    /**
     * The same steps under other ids, in the same order; pins and rungs go with them.
     *
     * @param  list<string>  $ids
     */
    public function withIds(array $ids): self
    {
        $new = array_combine(array_column($this->steps, 'id'), $ids);

        return $this->copy(
            steps: array_map(static fn (Step $step): Step => $step->withId($new[$step->id]), $this->steps),
            pins: array_map(
                static fn (Pin $pin): Pin => new Pin($pin->kind, array_map(static fn (string $id): string => $new[$id], $pin->steps)),
                $this->pins,
            ),
            rungs: array_map(static fn (RungChoice $rung): RungChoice => $rung->renamed($new), $this->rungs),
        );
    }

    /**
     * Pins of steps that are gone go with them.
     *
     * @param  list<Step>  $steps
     */
    public function withSteps(array $steps): self
    {
        $ids = array_column($steps, 'id');

        return $this->copy(
            steps: $steps,
            pins: array_values(array_filter(array_map(static fn (Pin $pin): ?Pin => $pin->among($ids), $this->pins))),
            rungs: array_map(static fn (RungChoice $rung): RungChoice => $rung->among($ids), $this->rungs),
        );
    }

    public function withPromise(Duration $promise): self
    {
        return $this->copy(promise: $promise);
    }

    public function withAudience(Audience $audience): self
    {
        return $this->copy(audience: $audience);
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

    /**
     * @param  list<Step>|null  $steps
     * @param  list<Pin>|null  $pins
     * @param  list<RungChoice>|null  $rungs
     */
    private function copy(
        ?string $name = null,
        ?Duration $promise = null,
        ?array $steps = null,
        ?Audience $audience = null,
        ?array $pins = null,
        ?array $rungs = null,
    ): self {
        return new self(
            name: $name ?? $this->name,
            placement: $this->placement,
            promise: $promise ?? $this->promise,
            steps: $steps ?? $this->steps,
            tags: $this->tags,
            audience: $audience ?? $this->audience,
            pins: $pins ?? $this->pins,
            silences: $this->silences,
            rungs: $rungs ?? $this->rungs,
        );
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
