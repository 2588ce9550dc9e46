<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Http\Resources\Resource;
use Core\Plan\Bags\SharedTool;

/** A tool that fewer are there of than hands that want it. */
final readonly class ToolShared extends Resource
{
    /** @param  list<string>  $artists  names of those who share it */
    public function __construct(public string $name, public int $pieces, public array $artists, public int $waitMs) {}

    /** @param  array<string, string>  $names  by artist */
    public static function of(SharedTool $tool, array $names): self
    {
        return new self(
            $tool->tool->name,
            $tool->pieces,
            array_map(static fn (string $artist): string => $names[$artist] ?? '', $tool->artists),
            $tool->waitPerFace->milliseconds,
        );
    }
}
