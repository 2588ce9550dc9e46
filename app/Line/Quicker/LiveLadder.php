<?php

declare(strict_types=1);

namespace App\Line\Quicker;

use App\Http\Resources\Resource;

/** What a half-painted face can still become. */
final readonly class LiveLadder extends Resource
{
    /** @param  list<LiveRung>  $rungs  the quickest first */
    public function __construct(public array $rungs) {}
}
