<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Http\Resources\Resource;

/** What an artist should have to oneself and nobody has for them. */
final readonly class ArtistLacks extends Resource
{
    /**
     * @param  list<string>  $things
     * @param  int  $savedMs  what kept brushes for black and white would save on the whole event
     */
    public function __construct(public string $name, public array $things, public int $savedMs) {}
}
