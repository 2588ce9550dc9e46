<?php

declare(strict_types=1);

namespace App\Bench\TypedSteps;

use App\Http\Resources\Resource;
use Core\Design\Wording\PartKind;

/** A stretch of a typed line, in characters, and what it was understood as. */
final readonly class ReadPart extends Resource
{
    public function __construct(public PartKind $kind, public int $start, public int $length) {}
}
