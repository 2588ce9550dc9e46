<?php

declare(strict_types=1);

namespace App\Plan\Before;

use App\Http\Resources\Resource;
use App\Plan\Days\DaySummary;
use Core\Plan\Checklist\Check;

/** What to look at before a day. */
final readonly class ChecklistSheet extends Resource
{
    /**
     * @param  list<CheckShown>  $checks
     * @param  list<AirThen>  $air  hour by hour
     */
    public function __construct(public DaySummary $day, public array $checks, public array $air) {}

    public static function of(ChecklistRead $read): self
    {
        return new self(
            DaySummary::of($read->day),
            array_map(static fn (Check $check): CheckShown => new CheckShown($check->kind, $check->isFine, $check->says), $read->checks),
            AirThen::all($read->air),
        );
    }
}
