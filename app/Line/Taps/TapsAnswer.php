<?php

declare(strict_types=1);

namespace App\Line\Taps;

use App\Http\Resources\Resource;
use App\Line\Told\LineNews;

/** What became of a batch of taps, and what the sender lacks of the line after it. */
final readonly class TapsAnswer extends Resource
{
    /** @param  list<TapOutcome>  $outcomes in the order of the batch */
    public function __construct(public array $outcomes, public LineNews $news) {}
}
