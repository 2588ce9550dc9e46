<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Resources\Resource;

/** The best order found so far, or why there is none. */
final readonly class ProposedOrder extends Resource
{
    /**
     * @param  bool  $isDone  whether the search has ended
     * @param  bool  $isProven  whether nothing better is possible, or nothing at all
     * @param  float  $gapPercent  how much shorter a better order could still be at most
     * @param  int  $looked  partial orders looked at
     * @param  int|null  $lawfulMs  the typed order with the waits that it needs; null when no wait mends it
     * @param  int|null  $totalMs  null when no order was found
     * @param  FixShown|null  $fix  what applies it
     * @param  list<TapeSpan>  $spans
     * @param  list<TapeSpan>  $lawfulSpans  of the typed order with its waits; empty where it needs none
     * @param  list<MovedStep>  $moves
     * @param  list<string>  $clash  what cannot all be kept, in words
     */
    public function __construct(
        public bool $isDone,
        public bool $isProven,
        public float $gapPercent,
        public int $looked,
        public ?int $lawfulMs,
        public ?int $totalMs,
        public int $savedMs,
        public ?FixShown $fix,
        public array $spans,
        public array $moves,
        public array $clash,
        public array $lawfulSpans,
    ) {}
}
