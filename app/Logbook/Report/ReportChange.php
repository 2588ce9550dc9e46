<?php

declare(strict_types=1);

namespace App\Logbook\Report;

use App\Http\Resources\Resource;

/** What to do otherwise next time, and what that is worth of a day like this one. */
final readonly class ReportChange extends Resource
{
    public function __construct(public string $words, public ?int $gainMs, public ?int $cents) {}
}
