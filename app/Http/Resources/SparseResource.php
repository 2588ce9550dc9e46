<?php

declare(strict_types=1);

namespace App\Http\Resources;

/** One of many with few things to say: what it does not say is left out. */
abstract readonly class SparseResource extends Resource
{
    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return array_filter(parent::jsonSerialize(), static fn (mixed $value): bool => $value !== null);
    }
}
