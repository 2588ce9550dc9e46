<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Core\Design\Placement;

/** A design on the shelf: its tape and its minutes. */
final readonly class DesignTape extends Resource
{
    /**
     * @param  list<TapeSpan>  $spans
     * @param  list<TapeStep>  $steps
     */
    public function __construct(
        public string $id,
        public string $name,
        public Placement $placement,
        public ?int $promiseMs,
        public int $totalMs,
        public array $spans,
        public array $steps,
    ) {}
}
