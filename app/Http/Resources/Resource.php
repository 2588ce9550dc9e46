<?php

declare(strict_types=1);

namespace App\Http\Resources;

use JsonSerializable;

/** What the browser gets: typed properties, written to the browser's own types by `artisan inch:types`. */
abstract readonly class Resource implements JsonSerializable
{
    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        /** @var array<string, mixed> $values */
        $values = get_object_vars($this);

        return $values;
    }
}
