<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Core\Design\Medium;

/** What a tape needs to know of a step. */
final readonly class TapeStep extends Resource
{
    public function __construct(public string $id, public string $name, public Medium $medium) {}
}
