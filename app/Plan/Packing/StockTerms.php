<?php

declare(strict_types=1);

namespace App\Plan\Packing;

/** What is left of a thing after an event, as it was estimated or weighed. */
final readonly class StockTerms
{
    /** @param  int  $left  grams or pieces */
    public function __construct(public string $itemId, public int $left, public bool $isWeighed) {}
}
