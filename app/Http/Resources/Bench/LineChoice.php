<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Resources\Resource;

/** Something that may be meant, and the whole line with it said. */
final readonly class LineChoice extends Resource
{
    public function __construct(public string $label, public string $text) {}
}
