<?php

declare(strict_types=1);

namespace App\Menu\Menus;

use App\Models\Menu\Menu;
use Core\Plan\Menu\MenuFinding;

/** A menu with what can be said of it and of each design on it. */
final readonly class MenuRead
{
    /**
     * @param  list<OfferRead>  $offers
     * @param  list<MenuFinding>  $findings
     * @param  list<string>  $days  to come on which it is put up, by name
     */
    public function __construct(public Menu $menu, public array $offers, public array $findings, public array $days) {}
}
