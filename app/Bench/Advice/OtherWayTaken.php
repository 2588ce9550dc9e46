<?php

declare(strict_types=1);

namespace App\Bench\Advice;

use App\Http\Resources\Resource;
use Core\Design\RungChoice;

/** A step that a version paints another way: which of its alternatives, the first being 0. */
final readonly class OtherWayTaken extends Resource
{
    public function __construct(public string $stepId, public int $way) {}

    /** @return list<self> */
    public static function all(RungChoice $choice): array
    {
        return array_map(
            static fn (int|string $id, int $way): self => new self((string) $id, $way),
            array_keys($choice->otherWays),
            $choice->otherWays,
        );
    }
}
