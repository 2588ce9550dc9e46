<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use Core\Plan\Bags\SharedTool;
use Core\Units\Duration;

/** How the bags of several artists go together at an event. */
final readonly class BagsRead
{
    /**
     * @param  array<string, string>  $names  of the artists at the chairs, by id
     * @param  list<SharedTool>  $shared
     * @param  array<string, list<string>>  $lacking  by artist, what each should have to oneself
     * @param  array<string, Duration>  $saved  by artist, what kept brushes for black and white would save on the whole event
     * @param  list<string>  $alike  brushes of one name in several bags
     */
    public function __construct(
        public array $names,
        public array $shared,
        public array $lacking,
        public array $saved,
        public array $alike,
    ) {}
}
