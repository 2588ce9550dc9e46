<?php

declare(strict_types=1);

namespace App\Menu\Menus;

use App\Account\Team\RecordAudit;
use App\Models\Account\User;
use App\Models\Menu\Menu;

/** Takes a menu away. Days that have put it up keep what they offer. */
final readonly class DeleteMenu
{
    public function __construct(private RecordAudit $recordAudit) {}

    public function __invoke(User $by, Menu $menu): void
    {
        $menu->delete();
        ($this->recordAudit)($by, "deleted the menu {$menu->name}");
    }
}
