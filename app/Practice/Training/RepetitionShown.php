<?php

declare(strict_types=1);

namespace App\Practice\Training;

use App\Http\Resources\Resource;

/** One time that a thing was painted. */
final readonly class RepetitionShown extends Resource
{
    public function __construct(public int $nth, public int $ms, public bool $isPractice, public bool $isInterrupted) {}
}
