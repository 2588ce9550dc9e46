<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Http\Resources\Resource;

/** What somebody did, in words. */
final readonly class ActShown extends Resource
{
    /** @param  int  $at  milliseconds */
    public function __construct(public string $id, public string $who, public string $what, public int $at) {}
}
