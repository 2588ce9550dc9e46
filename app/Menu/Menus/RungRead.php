<?php

declare(strict_types=1);

namespace App\Menu\Menus;

use Core\Design\RungName;
use Core\Plan\Simulation\FaceTime;

/** A version in which a design may stand on a menu; without a name as it was typed. */
final readonly class RungRead
{
    /** @param  float  $share  of the whole look */
    public function __construct(public ?RungName $name, public FaceTime $face, public float $share, public string $planId) {}
}
