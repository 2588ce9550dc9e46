<?php

declare(strict_types=1);

namespace Core\Plan\Simulation;

use Core\Units\Duration;

/** Who paints, when, and how long each design of the menu takes them. */
final readonly class Artist
{
    /**
     * @param  list<array{int, int}>  $shifts  from and until in milliseconds since the opening, in order; between two of them is a break
     * @param  list<non-empty-list<FaceTime>>  $times  by design in the order of the menu, and version: the usual one, then the quick one
     */
    public function __construct(public string $id, public array $shifts, public array $times) {}

    public static function all(string $id, Duration $open, FaceTime ...$times): self
    {
        return new self($id, [[0, $open->milliseconds]], array_map(static fn (FaceTime $time): array => [$time], array_values($times)));
    }

    /** Minutes at the chair, breaks left out. */
    public function hours(): Duration
    {
        return Duration::ofMilliseconds(array_sum(array_map(static fn (array $shift): int => $shift[1] - $shift[0], $this->shifts)));
    }

    public function quickOnly(): self
    {
        return new self(
            $this->id,
            $this->shifts,
            array_map(static fn (array $versions): array => [$versions[1] ?? $versions[0]], $this->times),
        );
    }

    public function without(int $offer): self
    {
        $times = $this->times;
        array_splice($times, $offer, 1);

        return new self($this->id, $this->shifts, $times);
    }

    /** @param  list<array{int, int}>  $shifts */
    public function sitting(array $shifts, ?string $id = null): self
    {
        return new self($id ?? $this->id, $shifts, $this->times);
    }
}
