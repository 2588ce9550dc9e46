<?php

declare(strict_types=1);

namespace Core\Plan\Simulation;

/** When children come to the line. */
final readonly class Arrivals
{
    /**
     * @param  float  $children  that come in all; a whole number where they do not come by chance
     * @param  list<float>|null  $profile  how busy each equal part of the open time is against the others; null where nothing is by chance
     * @param  list<float>  $groups  how often one child comes alone, two together, three ...; adds up to one
     */
    private function __construct(
        public float $children,
        public bool $isAtOnce,
        public ?array $profile = null,
        public array $groups = [1.0],
    ) {}

    /** As at a party: all of them stand there at the opening. */
    public static function atOnce(int $children): self
    {
        return new self($children, true);
    }

    /** By appointment: one after another, evenly, from the opening on. */
    public static function even(int $children): self
    {
        return new self($children, false);
    }

    /**
     * As at a fair: by chance, busier at some hours (a Poisson process whose rate changes from part to part of the day).
     *
     * @param  float  $children  as a rule in all
     * @param  list<float>  $profile  such as one number an hour
     * @param  list<float>  $groups  shares of one, two, three ... children that come together
     */
    public static function byProfile(float $children, array $profile = [1.0], array $groups = [1.0]): self
    {
        $all = array_sum($groups);

        return new self($children, false, $profile, array_map(static fn (float $share): float => $share / $all, $groups));
    }

    /** @param  array{children: float, isAtOnce: bool, profile: list<float>|null, groups: list<float>}  $values  its own, read from JSON */
    public static function read(array $values): self
    {
        return new self(...$values);
    }

    public function meanGroup(): float
    {
        $mean = 0.0;
        foreach ($this->groups as $at => $share) {
            $mean += ($at + 1) * $share;
        }

        return $mean;
    }

    public function isByChance(): bool
    {
        return $this->profile !== null;
    }

    /** Children who have come, as a rule, when that share of the open time has gone. */
    public function until(float $share): float
    {
        $profile = $this->profile ?? [1.0];
        $part = $share * count($profile);
        $whole = min(count($profile), (int) floor($part));
        $come = array_sum(array_slice($profile, 0, $whole)) + ($part - $whole) * ($profile[$whole] ?? 0.0);

        return $this->isAtOnce ? $this->children : $this->children * $come / array_sum($profile);
    }
}
