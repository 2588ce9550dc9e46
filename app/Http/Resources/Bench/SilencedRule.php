<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Resources\Resource;

/** A rule that is not asked for a design. */
final readonly class SilencedRule extends Resource
{
    public function __construct(public string $rule, public string $title, public string $reason) {}
}
