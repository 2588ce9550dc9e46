<?php

declare(strict_types=1);

namespace App\Plan\FacePlans;

use App\Http\Resources\Resource;

/** A film below a step: how long after its last stroke one may go on, and until when it is wet enough. */
final readonly class FilmUnder extends Resource
{
    /** @param  int|null  $mostMs  null where it may be as dry as it likes */
    public function __construct(public string $stepId, public int $leastMs, public ?int $mostMs) {}

    public static function of(FilmBelow $film): self
    {
        return new self($film->stepId, $film->least, $film->most);
    }
}
