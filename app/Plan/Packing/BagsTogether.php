<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Http\Resources\Resource;
use Core\Plan\Bags\SharedTool;

/**
 * How the bags of several artists go together at an event.
 *
 * @phpstan-type ArtistLacks array{name: string, things: list<string>, savedMs: int}
 * @phpstan-type ToolShared array{name: string, pieces: int, artists: list<string>, waitMs: int}
 */
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
            array_map(static fn (SharedTool $tool): array => self::toolShared($tool, $read->names), $read->shared),
            array_map(
                static fn (string $artist, array $lacks): array => [
                    'name' => $read->names[$artist],
                    'things' => $lacks,
                    'savedMs' => $read->saved[$artist]->milliseconds ?? 0,
                ],
                array_keys($read->lacking),
                $read->lacking,
            ),
            $read->alike,
        );
    }

    /**
     * @param  array<string, string>  $names  by artist
     * @return ToolShared a tool that fewer are there of than hands that want it
     */
    private static function toolShared(SharedTool $tool, array $names): array
    {
        return [
            'name' => $tool->tool->name,
            'pieces' => $tool->pieces,
            'artists' => array_map(static fn (string $artist): string => $names[$artist] ?? '', $tool->artists),
            'waitMs' => $tool->waitPerFace->milliseconds,
        ];
    }
}
