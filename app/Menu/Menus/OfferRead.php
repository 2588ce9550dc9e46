<?php

declare(strict_types=1);

namespace App\Menu\Menus;

use App\Plan\FacePlans\PlanRead;
use Core\Design\Photo\Photo;
use Core\Design\RungName;
use Core\Plan\Menu\MenuOffer;
use Core\Plan\Simulation\FaceTime;
use Core\Units\Duration;

/** A design on a menu, and what can be said of it. */
final readonly class OfferRead
{
    /**
     * @param  PlanRead  $plan  as it is painted
     * @param  bool  $promises  whether the promise is the painter's own; else it is what eight of ten faces keep
     * @param  int|null  $readyAfter  more faces until eight of ten keep the promise: 0 for menu-ready, null where no face is logged or
     *                                that lies too far off
     * @param  int  $faces  logged
     * @param  list<string>  $lacks  what the kit has not got for it
     * @param  list<string>  $usesUp  what it takes that is running out
     * @param  list<RungRead>  $rungs  at which it may be painted, as typed first
     * @param  bool  $isRanked  whether the rungs are its newest ones; else they are being worked out
     */
    public function __construct(
        public MenuOffer $offer,
        public ?RungName $rung,
        public PlanRead $plan,
        public bool $promises,
        public ?int $readyAfter,
        public int $faces,
        public ?Duration $sitsFor,
        public array $lacks,
        public array $usesUp,
        public array $rungs,
        public Duration $honest,
        public bool $isRanked,
        public ?Photo $photo,
        public float $shareIfPopular = 1.0,
        public float $takingsAnHour = 0.0,
    ) {}

    /** @param  list<MenuOffer>  $menu  all of it */
    public function among(array $menu, Duration $turnaround): self
    {
        return new self(
            offer: $this->offer, rung: $this->rung, plan: $this->plan, promises: $this->promises, readyAfter: $this->readyAfter,
            faces: $this->faces, sitsFor: $this->sitsFor, lacks: $this->lacks, usesUp: $this->usesUp, rungs: $this->rungs,
            honest: $this->honest, isRanked: $this->isRanked, photo: $this->photo,
            shareIfPopular: $this->offer->shareIfPopular($menu, $turnaround),
            takingsAnHour: $this->offer->takingsAnHour($turnaround),
        );
    }

    /** @return list<FaceTime> by rung, as typed first */
    public function times(): array
    {
        return array_map(static fn (RungRead $rung): FaceTime => $rung->face, $this->rungs);
    }
}
