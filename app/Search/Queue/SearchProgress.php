<?php

declare(strict_types=1);

namespace App\Search\Queue;

use App\Http\Resources\Resource;

/** How far a search is, and what it has found since. */
final readonly class SearchProgress extends Resource
{
    /**
     * @param  int|null  $status  of HTTP, once it is over
     * @param  int  $ahead  searches that come before it
     * @param  int  $runsMs  that it has been worked on
     * @param  int  $mostMs  that it may take
     * @param  list<string>  $lines  JSON, those from the number on that was asked for
     */
    public function __construct(
        public ?int $status,
        public int $ahead,
        public int $runsMs,
        public int $mostMs,
        public array $lines,
    ) {}
}
