<?php

declare(strict_types=1);

namespace App\Menu\Recommended;

use App\Http\Resources\Resource;
use App\Menu\Menus\OfferRead;
use Core\Design\RungName;
use Core\Plan\Menu\RecommendedMenu;

/**
 * The best of a menu for an event; without designs where none lets everybody be painted.
 *
 * @phpstan-type DesignTaken array{designId: string, name: string, rung: RungName|null, middleMs: int}
 */
final readonly class MenuRecommended extends Resource
{
    /**
     * @param  list<DesignTaken>  $designs  in the menu's order
     * @param  int  $meanFaceMs  of them
     * @param  int  $bearableMs  mean face that the day can bear
     * @param  float  $chanceOfAll  that everybody is painted, as it was played
     * @param  float  $worth  mean look of a face, 1 for all of it, or its mean price in the smallest unit of the currency
     * @param  float|null  $wishCosts  what the wishes cost of that; null without wishes
     */
    public function __construct(
        public array $designs,
        public int $meanFaceMs,
        public int $bearableMs,
        public float $chanceOfAll,
        public float $worth,
        public ?float $wishCosts,
    ) {}

    /**
     * @param  list<OfferRead>  $offers  that it was looked for among
     * @param  RecommendedMenu|null  $best  null where no such menu lets everybody be painted
     */
    public static function of(array $offers, ?RecommendedMenu $best): self
    {
        if ($best === null) {
            return new self(designs: [], meanFaceMs: 0, bearableMs: 0, chanceOfAll: 0.0, worth: 0.0, wishCosts: null);
        }
        $taken = $best->menu->rungs;
        ksort($taken);

        return new self(
            designs: array_map(
                static fn (int $at, int $rung): array => [
                    'designId' => $offers[$at]->offer->id,
                    'name' => $offers[$at]->offer->name,
                    'rung' => $offers[$at]->rungs[$rung]->name ?? null,
                    'middleMs' => $offers[$at]->rungs[$rung]->face->middle->milliseconds,
                ],
                array_keys($taken),
                $taken,
            ),
            meanFaceMs: $best->menu->meanFace->milliseconds,
            bearableMs: $best->bearable->milliseconds,
            chanceOfAll: round($best->tally->chanceOfAll(), 3),
            worth: round($best->menu->worth, 3),
            wishCosts: $best->withoutWishes === null ? null : round($best->withoutWishes - $best->menu->worth, 3),
        );
    }
}
