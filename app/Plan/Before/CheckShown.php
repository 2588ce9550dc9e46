<?php

declare(strict_types=1);

namespace App\Plan\Before;

use App\Http\Resources\Resource;
use Core\Plan\Checklist\CheckKind;

/** One thing to look at before a day. */
final readonly class CheckShown extends Resource
{
    /** @param  bool  $isFine  whether nothing is left to do */
    public function __construct(public CheckKind $kind, public bool $isFine, public string $says) {}
}
