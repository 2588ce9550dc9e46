<?php

declare(strict_types=1);

namespace App\Search\Queue;

use App\Http\Resources\Resource;

/** Where to ask for what takes a while: `searches/ID`. */
final readonly class SearchAsked extends Resource
{
    public function __construct(public string $search) {}
}
