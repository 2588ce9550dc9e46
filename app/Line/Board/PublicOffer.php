<?php

declare(strict_types=1);

namespace App\Line\Board;

use App\Http\Resources\Resource;
use App\Line\Offered\DesignOnDay;

/** A design of the menu, as parents see it. */
final readonly class PublicOffer extends Resource
{
    public function __construct(public string $key, public string $name, public int $promiseMs, public bool $soldOut) {}

    /** Tells the designs of a board apart; nobody comes to a design by it. */
    public static function key(string $designId): string
    {
        return substr(hash('sha256', $designId), 0, 16);
    }

    public static function of(DesignOnDay $design, bool $isSoldOut): self
    {
        return new self(self::key($design->id), $design->name, $design->offer->promise->milliseconds ?? 0, $isSoldOut);
    }
}
