<?php

declare(strict_types=1);

namespace App\Http\Resources;

/** How one colour of a step comes out. */
final readonly class ColourSeen extends Resource
{
    /**
     * @param  string  $meant  #rrggbb of the paint itself
     * @param  list<string>  $coats  #rrggbb after each coat; the last is what stays
     * @param  bool  $hasTurned  whether it ends up as another colour than the one meant
     */
    public function __construct(public string $stepId, public string $meant, public array $coats, public bool $hasTurned) {}
}
