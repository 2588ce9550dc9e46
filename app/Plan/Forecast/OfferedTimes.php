<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use Core\Design\RungName;
use Core\Plan\Simulation\FaceTime;
use Core\Plan\Simulation\Offer;

/** A design on the menu of a day with the times of whoever paints it. */
final readonly class OfferedTimes
{
    /**
     * @param  non-empty-list<FaceTime>  $team  the usual version, and the quick one if there is one
     * @param  array<string, non-empty-list<FaceTime>>  $own  by painter, where a painter's own is known
     */
    public function __construct(
        public Offer $offer,
        public string $name,
        public ?RungName $rung,
        public array $team,
        public array $own,
    ) {}

    /** Everything takes so many times as long. */
    public function slowed(float $factor): self
    {
        $slowed = static fn (FaceTime $time): FaceTime => $time->times($factor);

        return $factor === 1.0 ? $this : new self(
            offer: $this->offer,
            name: $this->name,
            rung: $this->rung,
            team: array_map($slowed, $this->team),
            own: array_map(static fn (array $times): array => array_map($slowed, $times), $this->own),
        );
    }

    /** @return non-empty-list<FaceTime> */
    public function of(string $painter): array
    {
        return $this->own[$painter] ?? $this->team;
    }
}
