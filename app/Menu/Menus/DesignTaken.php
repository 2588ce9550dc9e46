<?php

declare(strict_types=1);

namespace App\Menu\Menus;

use App\Http\Resources\Resource;
use Core\Design\RungName;

/** A design of a recommended menu, at its rung. */
final readonly class DesignTaken extends Resource
{
    public function __construct(public string $designId, public string $name, public ?RungName $rung, public int $middleMs) {}
}
