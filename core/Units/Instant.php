<?php

declare(strict_types=1);

namespace Core\Units;

/** A moment: whole milliseconds since 1970-01-01T00:00Z. */
final readonly class Instant
{
    private function __construct(public int $epochMilliseconds) {}

    public static function ofEpochMilliseconds(int $milliseconds): self
    {
        return new self($milliseconds);
    }

    public function plus(Duration $duration): self
    {
        return new self($this->epochMilliseconds + $duration->milliseconds);
    }

    public function minus(Duration $duration): self
    {
        return new self($this->epochMilliseconds - $duration->milliseconds);
    }

    /** Time gone by since the earlier moment; zero when that one is not earlier. */
    public function since(self $earlier): Duration
    {
        return Duration::ofMilliseconds(max(0, $this->epochMilliseconds - $earlier->epochMilliseconds));
    }

    public function isAfter(self $other): bool
    {
        return $this->epochMilliseconds > $other->epochMilliseconds;
    }

    public function orLater(self $other): self
    {
        return $other->isAfter($this) ? $other : $this;
    }
}
