<?php

declare(strict_types=1);

namespace App\Http\Resources;

/** What the kit lacks for a step, the slower way where there is one, and what that costs more. */
final readonly class MissingThing extends Resource
{
    public function __construct(public string $stepId, public string $missing, public ?string $instead, public int $extraMs) {}
}
