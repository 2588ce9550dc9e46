<?php

declare(strict_types=1);

namespace App\Http\Resources;

/** One time that a thing was painted. */
final readonly class RepetitionShown extends Resource
{
    public function __construct(public int $nth, public int $ms, public bool $isPractice, public bool $isInterrupted) {}
}
