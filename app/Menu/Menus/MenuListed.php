<?php

declare(strict_types=1);

namespace App\Menu\Menus;

use App\Http\Resources\Resource;

/** A menu in a list. */
final readonly class MenuListed extends Resource
{
    public function __construct(public string $id, public string $name, public int $designs) {}

    /** @param  array{id: string, name: string, designs: int}  $menu */
    public static function of(array $menu): self
    {
        return new self($menu['id'], $menu['name'], $menu['designs']);
    }
}
