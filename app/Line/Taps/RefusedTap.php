<?php

declare(strict_types=1);

namespace App\Line\Taps;

/** A tap that makes no sense and is not kept; the message says why. */
final readonly class RefusedTap
{
    public function __construct(public string $id, public string $message) {}
}
