<?php

declare(strict_types=1);

namespace App\Account\Ways;

use App\Http\Resources\Resource;
use Core\Timeline\Timing;

/** What typed seconds may hold. */
final readonly class TimingShown extends Resource
{
    public function __construct(public Timing $timing, public string $label) {}
}
