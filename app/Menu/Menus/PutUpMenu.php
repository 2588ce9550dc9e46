<?php

declare(strict_types=1);

namespace App\Menu\Menus;

use App\Models\Account\User;
use App\Models\Menu\Menu;
use App\Models\Plan\EventDay;
use App\Plan\Days\MenuTerms;
use App\Plan\Days\SaveMenu;
use Illuminate\Support\Facades\DB;

/** Puts a menu up on a day: its designs at their rungs, promises and prices become the day's own. */
final readonly class PutUpMenu
{
    public function __construct(private MenuOnTable $menuOnTable, private SaveMenu $saveMenu) {}

    public function __invoke(User $painter, EventDay $day, Menu $menu): void
    {
        $read = ($this->menuOnTable)($menu, $painter);
        DB::transaction(function () use ($day, $menu, $read): void {
            ($this->saveMenu)($day, array_map(
                static fn (OfferRead $offer): MenuTerms => new MenuTerms(
                    $offer->offer->id,
                    $offer->offer->promise,
                    $offer->offer->price,
                    $offer->rung,
                ),
                $read->offers,
            ));
            $day->fill(['menu_id' => $menu->id])->save();
        });
    }
}
