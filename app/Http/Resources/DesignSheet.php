<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Core\Design\Placement;

/** A design on the bench. */
final readonly class DesignSheet extends Resource
{
    /**
     * @param  list<StepLine>  $steps  in painting order
     * @param  list<TapeSpan>  $spans
     */
    public function __construct(
        public string $id,
        public string $name,
        public Placement $placement,
        public ?string $promise,
        public ?int $promiseMs,
        public int $revision,
        public array $steps,
        public array $spans,
        public int $totalMs,
        public int $paintingMs,
        public int $changeoverMs,
        public int $dryingMs,
    ) {}
}
