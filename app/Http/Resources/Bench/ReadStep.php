<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Resources\Resource;

/** A step of a typed line, and what had to be assumed for it. */
final readonly class ReadStep extends Resource
{
    /** @param  list<AssumedPart>  $assumed */
    public function __construct(public StepLine $step, public array $assumed) {}
}
