<?php

declare(strict_types=1);

namespace App\Line\Offered;

use App\Http\Resources\Resource;

/** What a design takes a painter whose own pace or hands are known, where that is not what it takes the team. */
final readonly class OwnPlan extends Resource
{
    public function __construct(public string $painterId, public string $planId, public int $plannedMs) {}
}
