<?php

declare(strict_types=1);

namespace App\Http\Resources\Line;

use App\Http\Resources\Resource;
use App\Queries\Line\DesignOnDay;

/** A design of the menu, as parents see it. */
final readonly class PublicOffer extends Resource
{
    public function __construct(public string $designId, public string $name, public int $promiseMs, public bool $soldOut) {}

    public static function of(DesignOnDay $design, bool $isSoldOut): self
    {
        return new self($design->id, $design->name, $design->offer->promise->milliseconds ?? 0, $isSoldOut);
    }
}
