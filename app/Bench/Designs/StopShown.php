<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Http\Resources\Resource;
use Core\Design\Step;
use Core\Ladder\StopPoint;

/** One may stop after that step, and it looks finished. */
final readonly class StopShown extends Resource
{
    /**
     * @param  bool  $isSaid  whether the painter said so
     * @param  list<string>  $still  names of the steps that would not be painted
     */
    public function __construct(public string $stepId, public bool $isSaid, public array $still) {}

    /** @param  list<Step>  $steps  of the design */
    public static function of(StopPoint $stop, array $steps): self
    {
        return new self($steps[$stop->after]->id, $stop->isSaid, $stop->still);
    }
}
