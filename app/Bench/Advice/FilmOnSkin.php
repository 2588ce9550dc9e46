<?php

declare(strict_types=1);

namespace App\Bench\Advice;

use App\Http\Resources\Resource;

/** How long the film of a step stays wet and tacky, from the moment it was laid. */
final readonly class FilmOnSkin extends Resource
{
    /**
     * @param  int  $laidMs  after the face began
     * @param  int  $tackyMs  after the face began: wet until then
     * @param  int  $dryMs  after the face began: tacky until then
     */
    public function __construct(public string $stepId, public int $laidMs, public int $tackyMs, public int $dryMs) {}
}
