<?php

declare(strict_types=1);

namespace App\Bench\TypedSteps;

use App\Http\Resources\Resource;
use Core\Design\Place\GuideKind;

/** What a mark is placed by: an hour, degrees, a portion or a point, in words too. */
final readonly class PlacingGuide extends Resource
{
    public function __construct(public GuideKind $by, public string $value, public string $words) {}
}
