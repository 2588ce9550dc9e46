<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use App\Http\Resources\Resource;

final readonly class PainterName extends Resource
{
    public function __construct(public string $id, public string $name) {}
}
