<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Resources\Resource;

/** How one colour of a step comes out. */
final readonly class ColourSeen extends Resource
{
    /**
     * @param  string  $meant  #rrggbb of the paint itself
     * @param  list<string>  $coats  #rrggbb after each coat;
     * @param  string  $seen  #rrggbb of what stays
     * @param  string  $word  what one would call that
     * @param  bool  $hasTurned  whether it ends up as another colour than the one meant
     */
    public function __construct(
        public string $stepId,
        public string $meant,
        public array $coats,
        public string $seen,
        public string $word,
        public bool $hasTurned,
    ) {}
}
