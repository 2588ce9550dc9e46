<?php

declare(strict_types=1);

namespace App\Menu\Menus;

use App\Models\Menu\Menu;

/** A team's menus, by name. */
final readonly class MenusOfTeam
{
    private const MOST = 200;

    /** @return list<array{id: string, name: string, designs: int}> */
    public function __invoke(string $teamId): array
    {
        $menus = Menu::ofTeam($teamId)->with('offers.design')->orderBy('name')->limit(self::MOST)->get();

        return array_values($menus->map(static fn (Menu $menu): array => [
            'id' => $menu->id, 'name' => $menu->name, 'designs' => $menu->offers->whereNotNull('design')->count(),
        ])->all());
    }
}
