<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Resources\Resource;

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

    /** @param  int  $faces  painted with it on that day */
    public function withDesign(string $name, int $savedMs, int $faces): self
    {
        $isMost = $savedMs > $this->mostMs;

        return new self(
            colour: $this->colour,
            hex: $this->hex,
            designs: $this->designs + 1,
            mostMs: $isMost ? $savedMs : $this->mostMs,
            mostDesign: $isMost ? $name : $this->mostDesign,
            day: $this->day,
            daySavedMs: $this->daySavedMs + $savedMs * $faces,
        );
    }
}
