<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Resources\Plan\PlanStep;
use App\Http\Resources\Resource;
use Core\Design\Placement;

/** A design on the shelf: its picture, its tape and its minutes. */
final readonly class DesignTape extends Resource
{
    /**
     * @param  list<string>  $tags
     * @param  list<TapeSpan>  $spans
     * @param  list<PlanStep>  $steps
     */
    public function __construct(
        public string $id,
        public string $name,
        public Placement $placement,
        public ?int $promiseMs,
        public array $tags,
        public ?int $stillMs,
        public bool $gentle,
        public bool $archived,
        public int $totalMs,
        public array $spans,
        public array $steps,
    ) {}
}
