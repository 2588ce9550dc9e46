<?php

declare(strict_types=1);

namespace App\Logbook\Report;

use App\Http\Resources\Resource;

/** What a part of the chairs' minutes went into. */
final readonly class MinutesWent extends Resource
{
    public function __construct(public string $part, public int $ms) {}
}
