<?php

declare(strict_types=1);

namespace App\Bench\Brushes;

use App\Http\Resources\Resource;
use Core\Workspace\BrushWorth as CoreBrushWorth;

/** What a brush kept for one colour would save: a face at most, and over a whole day that was painted. */
final readonly class BrushWorth extends Resource
{
    /**
     * @param  int  $designs  how many designs it helps
     * @param  string  $mostDesign  the one it helps most
     * @param  string  $day  name of the newest day with faces; empty where there is none
     */
    public function __construct(
        public string $colour,
        public string $hex,
        public int $designs,
        public int $mostMs,
        public string $mostDesign,
        public string $day,
        public int $daySavedMs,
    ) {}

    /**
     * @param  list<CoreBrushWorth>  $all
     * @return list<self>
     */
    public static function listOf(array $all, string $day): array
    {
        return array_map(static fn (CoreBrushWorth $worth): self => new self(
            colour: $worth->colour->name,
            hex: $worth->colour->hex,
            designs: $worth->designs,
            mostMs: $worth->most->milliseconds,
            mostDesign: $worth->mostDesign,
            day: $day,
            daySavedMs: $worth->onDay->milliseconds,
        ), $all);
    }
}
