<?php

declare(strict_types=1);

namespace App\Line\Offered;

use Core\Units\Duration;

/** What a design takes a painter whose own pace or hands are known. */
final readonly class OwnTime
{
    public function __construct(public string $painterId, public string $planId, public Duration $planned) {}
}
