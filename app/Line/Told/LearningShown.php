<?php

declare(strict_types=1);

namespace App\Line\Told;

use App\Http\Resources\Resource;

/** How far the server is with learning from a closed line: designs done of all. */
final readonly class LearningShown extends Resource
{
    public function __construct(public int $done, public int $total) {}
}
