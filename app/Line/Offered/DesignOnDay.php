<?php

declare(strict_types=1);

namespace App\Line\Offered;

use Core\Design\Place\Placement;
use Core\Units\Duration;

/** A design that a day offers, or that a child on it asked for. */
final readonly class DesignOnDay
{
    /**
     * @param  Offer|null  $offer  null when it is not, or no longer, on the menu
     * @param  list<OwnTime>  $own  of painters who take another time than the team
     * @param  string  $versions  stands for its shorter versions and each painter's own: other ones have another
     */
    public function __construct(
        public string $id,
        public string $name,
        public Placement $placement,
        public ?string $planId,
        public Duration $planned,
        public ?Offer $offer,
        public array $own,
        public string $versions,
    ) {}

    /** For those whom the team's money is no business of. */
    public function withoutPrice(): self
    {
        return new self(
            id: $this->id,
            name: $this->name,
            placement: $this->placement,
            planId: $this->planId,
            planned: $this->planned,
            offer: $this->offer === null ? null : new Offer($this->offer->promise, null, $this->offer->rung),
            own: $this->own,
            versions: $this->versions,
        );
    }
}
