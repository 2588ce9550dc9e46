<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Core\Design\Placement;

/** What a face is seated with. Immutable: its id is the hash of its content. */
final readonly class Plan extends Resource
{
    /**
     * @param  list<PlanStep>  $steps
     * @param  list<TapeSpan>  $spans
     */
    public function __construct(
        public string $id,
        public string $name,
        public Placement $placement,
        public int $totalMs,
        public array $steps,
        public array $spans,
    ) {}
}
