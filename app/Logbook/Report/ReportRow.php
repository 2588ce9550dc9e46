<?php

declare(strict_types=1);

namespace App\Logbook\Report;

use App\Http\Resources\Resource;
use Core\Plan\Report\GroupOfFaces;

/** The faces of one design or one painter. */
final readonly class ReportRow extends Resource
{
    public function __construct(
        public string $name,
        public int $faces,
        public int $meanMs,
        public int $kept,
        public int $cents,
        public int $centsAnHour,
    ) {}

    public static function of(GroupOfFaces $group): self
    {
        return new self(
            name: $group->name,
            faces: count($group->faces),
            meanMs: $group->mean(),
            kept: $group->kept(),
            cents: $group->cents(),
            centsAnHour: $group->centsAnHour(),
        );
    }
}
