<?php

declare(strict_types=1);

namespace App\Plan\Earlier;

use App\Http\Resources\Resource;
use Core\Plan\TurnaroundPart;
use Core\Units\Duration;

/** What lies between two faces, part by part: see TurnaroundPart. */
final readonly class TurnaroundMs extends Resource
{
    public function __construct(public int $choose, public int $safety, public int $mirror, public int $pay, public int $clean) {}

    /** @param  array<string, Duration>  $parts */
    public static function of(array $parts): self
    {
        return new self(...array_map(
            static fn (TurnaroundPart $part): int => $parts[$part->value]->milliseconds ?? 0,
            array_column(TurnaroundPart::cases(), null, 'value'),
        ));
    }
}
