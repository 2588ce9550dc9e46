<?php

declare(strict_types=1);

namespace App\Plan\Before;

use App\Plan\Days\DayFacts;
use Core\Plan\Checklist\Check;
use Core\Surface\WorkingAir;

/** What to look at before a day. */
final readonly class ChecklistRead
{
    /**
     * @param  list<Check>  $checks
     * @param  array<int, WorkingAir>  $air  by milliseconds since 1970
     */
    public function __construct(public DayFacts $day, public array $checks, public array $air) {}
}
