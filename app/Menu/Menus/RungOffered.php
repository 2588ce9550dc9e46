<?php

declare(strict_types=1);

namespace App\Menu\Menus;

use App\Http\Resources\Resource;
use Core\Design\RungName;

/** A version in which a design may stand on a menu. */
final readonly class RungOffered extends Resource
{
    public function __construct(public ?RungName $name, public int $middleMs, public float $share) {}

    public static function of(RungRead $rung): self
    {
        return new self($rung->name, $rung->face->middle->milliseconds, round($rung->share, 3));
    }
}
