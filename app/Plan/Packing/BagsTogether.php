<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Http\Resources\Resource;
use Core\Plan\Bags\SharedTool;

/** How the bags of several artists go together at an event. */
final readonly class BagsTogether extends Resource
{
    /**
     * @param  list<ToolShared>  $shared  what costs most first
     * @param  list<ArtistLacks>  $lacking
     * @param  list<string>  $alike  brushes of one name in several bags: their handles want a mark
     */
    public function __construct(public int $artists, public array $shared, public array $lacking, public array $alike) {}

    public static function of(BagsRead $read): self
    {
        return new self(
            count($read->names),
            array_map(static fn (SharedTool $tool): ToolShared => ToolShared::of($tool, $read->names), $read->shared),
            array_map(
                static fn (string $artist, array $lacks): ArtistLacks => new ArtistLacks(
                    $read->names[$artist],
                    $lacks,
                    $read->saved[$artist]->milliseconds ?? 0,
                ),
                array_keys($read->lacking),
                $read->lacking,
            ),
            $read->alike,
        );
    }
}
