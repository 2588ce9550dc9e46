<?php

declare(strict_types=1);

namespace App\Plan\Played;

use App\Http\Resources\Resource;

/** Hours at the chair without a break in them. */
final readonly class Stint extends Resource
{
    public function __construct(public int $from, public int $until) {}
}
