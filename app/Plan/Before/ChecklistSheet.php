<?php

declare(strict_types=1);

namespace App\Plan\Before;

use App\Http\Resources\Resource;
use App\Plan\Days\DaySummary;
use Core\Plan\Checklist\CheckKind;

/**
 * What to look at before a day.
 *
 * @phpstan-type CheckShown array{kind: CheckKind, isFine: bool, says: string}
 */
final readonly class ChecklistSheet extends Resource
{
    /**
     * @param  list<CheckShown>  $checks
     * @param  list<AirThen>  $air  hour by hour
     */
    public function __construct(public DaySummary $day, public array $checks, public array $air) {}
}
