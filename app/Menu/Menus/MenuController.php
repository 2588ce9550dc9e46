<?php

declare(strict_types=1);

namespace App\Menu\Menus;

use App\Http\Requests\BareTeamRequest;
use App\Line\Told\LineBoard;
use App\Line\Told\LineOfDay;
use App\Menu\Recommended\MenuRecommended;
use App\Menu\Recommended\RecommendMenu;
use App\Menu\Recommended\RecommendRequest;
use Illuminate\Http\Response;

final readonly class MenuController
{
    public function __construct(private MenuOnTable $menuOnTable, private Menus $menus) {}

    /** @return list<MenuListed> */
    public function index(BareTeamRequest $request, MenuOnTable $menuOnTable): array
    {
        return array_map(MenuListed::of(...), $menuOnTable->all($request->teamId()));
    }

    public function store(MenuRequest $request): MenuSheet
    {
        $menu = $request->newMenu();
        $this->menus->write($request->painter(), $menu, $request->name(), $request->offers());

        return MenuSheet::of(($this->menuOnTable)($menu, $request->painter()));
    }

    public function show(BareTeamRequest $request): MenuSheet
    {
        return MenuSheet::of(($this->menuOnTable)($request->menu(), $request->painter()));
    }

    public function update(MenuRequest $request): MenuSheet
    {
        $this->menus->write($request->painter(), $request->menu(), $request->name(), $request->offers());

        return MenuSheet::of(($this->menuOnTable)($request->menu(), $request->painter()));
    }

    public function destroy(BareTeamRequest $request, Menus $menus): Response
    {
        $menus->delete($request->painter(), $request->menu());

        return response()->noContent();
    }

    public function recommend(RecommendRequest $request, RecommendMenu $recommend): MenuRecommended
    {
        return $recommend(
            painter: $request->painter(),
            menu: $request->menu(),
            day: $request->event(),
            goal: $request->goal(),
            designs: $request->designs(),
            kept: $request->kept(),
        );
    }

    public function putUp(BareTeamRequest $request, Menus $menus, LineOfDay $line): LineBoard
    {
        $menus->putUp($request->painter(), $request->day(), $request->menu());

        return LineBoard::of($line($request->day(), $request->painter()));
    }
}
