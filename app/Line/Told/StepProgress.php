<?php

declare(strict_types=1);

namespace App\Line\Told;

use App\Http\Resources\Resource;
use Core\Line\StepStatus;

/** How far one step of a face is. */
final readonly class StepProgress extends Resource
{
    public function __construct(public string $stepId, public StepStatus $status, public int $plannedMs, public int $spentMs) {}
}
