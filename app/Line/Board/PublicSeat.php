<?php

declare(strict_types=1);

namespace App\Line\Board;

use App\Http\Resources\Resource;

/** A child that is being painted, as parents may see it. */
final readonly class PublicSeat extends Resource
{
    public function __construct(public int $chair, public int $number, public ?string $firstName, public string $design) {}
}
