<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Resources\Resource;

/** What happens on the skin, and what the craft says of it. */
final readonly class CraftShown extends Resource
{
    /**
     * @param  list<FindingShown>  $findings  the worst first
     * @param  list<FilmOnSkin>  $films  in painting order
     * @param  list<ColourSeen>  $colours  of the painted steps, in painting order and in the order of their colours
     */
    public function __construct(public array $findings, public array $films, public array $colours) {}
}
