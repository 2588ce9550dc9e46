<?php

declare(strict_types=1);

namespace App\Menu\Menus;

use App\Bench\Photos\PhotoShown;
use App\Http\Resources\Resource;
use App\Plan\FacePlans\Plan;
use Core\Design\RungName;
use Core\Plan\Menu\MenuGroup;

/**
 * A design on a menu, and what can be said of it.
 *
 * @phpstan-type RungOffered array{name: RungName|null, middleMs: int, share: float}
 */
final readonly class OfferSheet extends Resource
{
    /**
     * @param  Plan  $plan  as it is painted
     * @param  bool  $promises  whether the promise is the painter's own; else it is what eight of ten faces keep
     * @param  int  $honestMs  what eight of ten faces keep
     * @param  int|null  $readyAfter  more faces until eight of ten keep the promise; null where that is not known
     * @param  int  $faces  logged
     * @param  int|null  $sitsForMs  how long a child sits for it as a rule
     * @param  float  $shareIfPopular  of the day when a third of the children want it
     * @param  int  $takingsAnHour  in the smallest unit of the currency, at its real minutes
     * @param  list<string>  $lacks
     * @param  list<string>  $usesUp
     * @param  list<RungOffered>  $rungs
     * @param  bool  $isRanked  whether the rungs are its newest ones; else they are being worked out
     */
    public function __construct(
        public string $designId,
        public string $name,
        public ?RungName $rung,
        public ?MenuGroup $group,
        public Plan $plan,
        public int $middleMs,
        public int $eightOfTenMs,
        public int $promiseMs,
        public bool $promises,
        public int $honestMs,
        public ?int $readyAfter,
        public int $faces,
        public ?int $sitsForMs,
        public ?int $priceCents,
        public float $shareIfPopular,
        public int $takingsAnHour,
        public array $lacks,
        public array $usesUp,
        public array $rungs,
        public bool $isRanked,
        public ?PhotoShown $photo,
    ) {}

    public static function of(OfferRead $read): self
    {
        $offer = $read->offer;

        return new self(
            designId: $offer->id,
            name: $offer->name,
            rung: $read->rung,
            group: $offer->group,
            plan: Plan::of($read->plan),
            middleMs: $offer->face->middle->milliseconds,
            eightOfTenMs: $offer->face->eightOfTen()->milliseconds,
            promiseMs: $offer->promise->milliseconds,
            promises: $read->promises,
            honestMs: $read->honest->milliseconds,
            readyAfter: $read->readyAfter,
            faces: $read->faces,
            sitsForMs: $read->sitsFor?->milliseconds,
            priceCents: $offer->price,
            shareIfPopular: round($read->shareIfPopular, 3),
            takingsAnHour: (int) round($read->takingsAnHour),
            lacks: $read->lacks,
            usesUp: $read->usesUp,
            rungs: array_map(static fn (RungRead $rung): array => self::rungOffered($rung), $read->rungs),
            isRanked: $read->isRanked,
            photo: $read->photo === null ? null : PhotoShown::of($read->photo),
        );
    }

    /** @return RungOffered a version in which a design may stand on a menu */
    private static function rungOffered(RungRead $rung): array
    {
        return ['name' => $rung->name, 'middleMs' => $rung->face->middle->milliseconds, 'share' => round($rung->share, 3)];
    }
}
