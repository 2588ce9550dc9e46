<?php

declare(strict_types=1);

namespace App\Menu\Recommended;

use App\Menu\Menus\OfferRead;
use Core\Plan\Menu\MenuGoal;
use Core\Plan\Menu\RecommendedMenu;

/** What was found to be the best of a menu for an event. */
final readonly class Recommendation
{
    /**
     * @param  list<OfferRead>  $offers  that it was looked for among
     * @param  RecommendedMenu|null  $best  null where no such menu lets everybody be painted
     */
    public function __construct(public array $offers, public ?RecommendedMenu $best, public MenuGoal $goal) {}
}
