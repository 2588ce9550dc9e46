<?php

declare(strict_types=1);

namespace App\Bench\TypedSteps;

use App\Http\Resources\Resource;
use Core\Design\Wording\PartKind;

/** What a line did not say, where it was taken from, and what else it could be. */
final readonly class AssumedPart extends Resource
{
    /** @param  list<LineChoice>  $choices */
    public function __construct(public PartKind $of, public string $value, public string $because, public array $choices) {}
}
