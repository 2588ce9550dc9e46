<?php

declare(strict_types=1);

namespace Core\Plan\Diary;

use Core\Units\Duration;
use Core\Units\Instant;

/** An event as it stands in the diary: when its painters are taken, and how far it is. */
final readonly class Booking
{
    /**
     * @param  Instant  $from  the set-up begins
     * @param  Instant  $until  all is packed up
     * @param  string  $place  empty where nobody has said
     * @param  Duration  $travel  from home, one way
     * @param  int  $chairs  painters that it takes at once
     * @param  list<string>|null  $painters  who sits there; null where nobody has said
     */
    public function __construct(
        public string $id,
        public Instant $from,
        public Instant $until,
        public string $place,
        public Duration $travel,
        public int $chairs,
        public ?array $painters,
    ) {}

    public function isBefore(self $other): bool
    {
        return ! $this->until->isAfter($other->from);
    }

    /** By way of home, as far as it is known. */
    public function wayTo(self $other): Duration
    {
        $isSamePlace = $this->place !== '' && mb_strtolower(trim($this->place)) === mb_strtolower(trim($other->place));

        return $isSamePlace ? Duration::zero() : $this->travel->plus($other->travel);
    }
}
