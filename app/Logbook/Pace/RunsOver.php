<?php

declare(strict_types=1);

namespace App\Logbook\Pace;

use App\Http\Resources\Resource;
use Core\Timeline\RunOver;

/** The step that takes most longer than planned, as a rule. */
final readonly class RunsOver extends Resource
{
    public function __construct(public string $stepId, public string $name, public int $overMs) {}

    public static function of(RunOver $worst): self
    {
        return new self($worst->step->id, $worst->step->name, $worst->over->milliseconds);
    }
}
