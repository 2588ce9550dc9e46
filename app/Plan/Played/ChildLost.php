<?php

declare(strict_types=1);

namespace App\Plan\Played;

use App\Http\Resources\Resource;

/** A child of a day that was played who was not painted: balked, left or unpainted. */
final readonly class ChildLost extends Resource
{
    public function __construct(public int $child, public int $arrived, public string $how) {}
}
