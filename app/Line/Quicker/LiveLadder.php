<?php

declare(strict_types=1);

namespace App\Line\Quicker;

use App\Http\Resources\Resource;
use App\Plan\FacePlans\Plan;

/**
 * What a half-painted face can still become.
 *
 * LiveRung: leftMs: from now to the last step's end; share: of the look of the whole design; changes: what is done differently,
 *   in words.
 *
 * @phpstan-type LiveRung array{leftMs: int, share: float, changes: list<string>, plan: Plan}
 */
final readonly class LiveLadder extends Resource
{
    /** @param  list<LiveRung>  $rungs  the quickest first */
    public function __construct(public array $rungs) {}
}
