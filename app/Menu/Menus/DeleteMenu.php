<?php

declare(strict_types=1);

namespace App\Menu\Menus;

use App\Account\Team\KeepAct;
use App\Models\Account\User;
use App\Models\Menu\Menu;

/** Takes a menu away. Days that have put it up keep what they offer. */
final readonly class DeleteMenu
{
    public function __construct(private KeepAct $keepAct) {}

    public function __invoke(User $by, Menu $menu): void
    {
        $menu->delete();
        ($this->keepAct)($by, "deleted the menu {$menu->name}");
    }
}
