<?php

declare(strict_types=1);

namespace App\Actions\Menu;

use App\Models\Menu;

/** Takes a menu away. Days that have put it up keep what they offer. */
final readonly class DeleteMenu
{
    public function __invoke(Menu $menu): void
    {
        $menu->delete();
    }
}
