<?php

declare(strict_types=1);

namespace App\Logbook\Faces;

use App\Http\Resources\Resource;
use Core\Design\Medium;
use Core\Line\StepStatus;

/** A step of a logged face. */
final readonly class LoggedStep extends Resource
{
    public function __construct(
        public string $name,
        public Medium $medium,
        public StepStatus $status,
        public int $plannedMs,
        public int $spentMs,
        public ?int $mendedFromMs,
    ) {}
}
