<?php

declare(strict_types=1);

namespace App\Queries\Line;

use App\Http\Resources\Line\OwnPlan;
use App\Http\Resources\Plan\MenuOffer;
use Core\Design\Placement;
use Core\Units\Duration;

/** A design that a day offers, or that a child on it asked for. */
final readonly class DesignOnDay
{
    /**
     * @param  MenuOffer|null  $offer  null when it is not, or no longer, on the menu
     * @param  list<OwnPlan>  $own  of painters who take another time than the team
     */
    public function __construct(
        public string $id,
        public string $name,
        public Placement $placement,
        public ?string $planId,
        public Duration $planned,
        public ?MenuOffer $offer,
        public array $own = [],
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
            offer: $this->offer?->withoutPrice(),
            own: $this->own,
        );
    }
}
