<?php

declare(strict_types=1);

namespace Core\Line\Seating;

use Core\Line\TapSetAside;
use Core\Units\Instant;

/** Who sits at which chair, as was tapped. A painter sits at one chair at a time. */
final readonly class Seats
{
    /** @param  array<int, Seat>  $byChair  those of which something is known */
    public function __construct(public array $byChair = []) {}

    public function at(int $chair): ?Seat
    {
        return $this->byChair[$chair] ?? null;
    }

    /** Whether that painter sits at another chair since then or later. */
    public function hasElsewhere(string $painter, int $chair, Instant $since): bool
    {
        foreach (array_diff_key($this->byChair, [$chair => true]) as $seat) {
            if ($seat->painter === $painter && $seat->since !== null && ! $since->isAfter($seat->since)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Also by whoever sits there: from then on once more, whatever was meant meanwhile.
     *
     * @throws TapSetAside when somebody else sits there
     */
    public function taken(int $chair, string $painter, Instant $at): self
    {
        $sitting = $this->byChair[$chair]->painter ?? null;
        if ($sitting !== null && $sitting !== $painter) {
            throw TapSetAside::because("Somebody else sits at chair {$chair}. Let them hand over.");
        }

        return $this->sitting($chair, $painter, $at);
    }

    public function handedOver(int $chair, string $painter, Instant $at): self
    {
        return $this->sitting($chair, $painter, $at);
    }

    /** @throws TapSetAside when on a break already */
    public function away(int $chair, Instant $until): self
    {
        $seat = $this->byChair[$chair] ?? new Seat(null, null);
        if ($seat->awayUntil !== null) {
            throw TapSetAside::because("Chair {$chair} is on a break already.");
        }

        return new self(array_replace($this->byChair, [$chair => new Seat($seat->painter, $seat->since, $until)]));
    }

    /** @throws TapSetAside when not on a break */
    public function back(int $chair): self
    {
        $seat = $this->byChair[$chair] ?? null;
        if ($seat?->awayUntil === null) {
            throw TapSetAside::because("Chair {$chair} is not on a break.");
        }

        return new self(array_replace($this->byChair, [$chair => new Seat($seat->painter, $seat->since)]));
    }

    private function sitting(int $chair, string $painter, Instant $at): self
    {
        $others = array_map(static fn (Seat $seat): Seat => $seat->painter === $painter ? new Seat(null, $at) : $seat, $this->byChair);

        return new self(array_replace($others, [$chair => new Seat($painter, $at)]));
    }
}
