<?php

declare(strict_types=1);

namespace App\Plan\Days;

use App\Http\Resources\Resource;

final readonly class PainterName extends Resource
{
    public function __construct(public string $id, public string $name) {}
}
