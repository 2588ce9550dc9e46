<?php

declare(strict_types=1);

namespace App\Bench\Files;

use App\Bench\Designs\DesignTape;
use App\Http\Resources\Resource;

/** What an import brought in. */
final readonly class ImportedDesigns extends Resource
{
    /** @param  list<DesignTape>  $designs */
    public function __construct(public array $designs) {}
}
