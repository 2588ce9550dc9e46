<?php

declare(strict_types=1);

namespace Core\Workspace;

use Core\Design\Colour;
use Core\Units\Duration;

/** What a brush kept for one colour would save over several designs. */
final readonly class BrushWorth
{
    /**
     * @param  int  $designs  how many it helps
     * @param  Duration  $most  on a face of the one that it helps most
     * @param  Duration  $onDay  on all faces of a day
     */
    private function __construct(
        public Colour $colour,
        public int $designs,
        public Duration $most,
        public string $mostDesign,
        public Duration $onDay,
    ) {}

    /**
     * @param  iterable<string, list<BrushSaving>>  $savings  by the design's name
     * @param  array<string, int>  $faces  painted on the day, by the design's name
     * @return list<self> by colour, the greatest saving first
     */
    public static function of(iterable $savings, array $faces): array
    {
        $worth = [];
        foreach ($savings as $design => $ofDesign) {
            foreach ($ofDesign as $saving) {
                $known = $worth[$saving->colour->name] ?? new self(
                    colour: $saving->colour,
                    designs: 0,
                    most: Duration::zero(),
                    mostDesign: '',
                    onDay: Duration::zero(),
                );
                $worth[$saving->colour->name] = $known->with($design, $saving->aFace, $faces[$design] ?? 0);
            }
        }
        usort($worth, static fn (self $one, self $other): int => $other->savings() <=> $one->savings());

        return $worth;
    }

    private function with(string $design, Duration $saved, int $faces): self
    {
        $isMost = $saved->isLongerThan($this->most);

        return new self(
            colour: $this->colour,
            designs: $this->designs + 1,
            most: $isMost ? $saved : $this->most,
            mostDesign: $isMost ? $design : $this->mostDesign,
            onDay: $this->onDay->plus($saved->times($faces)),
        );
    }

    /** @return array{int, int} */
    private function savings(): array
    {
        return [$this->onDay->milliseconds, $this->most->milliseconds];
    }
}
