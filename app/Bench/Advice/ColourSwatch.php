<?php

declare(strict_types=1);

namespace App\Bench\Advice;

use App\Http\Resources\Resource;

/** A paint's colour: the painter's name for it and #rrggbb. */
final readonly class ColourSwatch extends Resource
{
    public function __construct(public string $name, public string $hex) {}
}
