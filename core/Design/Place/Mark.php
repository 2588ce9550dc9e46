<?php

declare(strict_types=1);

namespace Core\Design\Place;

use Core\Design\Defaults;
use Core\Design\InvalidStep;

/** What the strokes of a step make: which shape, how big, turned how far, and where it is placed by. */
final readonly class Mark
{
    /**
     * @param  Shape|null  $shape  null where the place itself is filled or followed
     * @param  int  $sizePercent  of the usual size at that place
     * @param  int  $turnDegrees  clockwise on the child's left side
     * @param  list<Guide>  $guides
     *
     * @throws InvalidStep when the size or the turn makes no sense
     */
    public function __construct(
        public ?Shape $shape = null,
        public int $sizePercent = 100,
        public int $turnDegrees = 0,
        public array $guides = [],
    ) {
        if ($sizePercent < Defaults::LEAST_SIZE_PERCENT || $sizePercent > Defaults::MOST_SIZE_PERCENT) {
            throw InvalidStep::size($sizePercent);
        }
        if (abs($turnDegrees) > 180) {
            throw InvalidStep::angle($turnDegrees);
        }
    }

    /** @return list<FigurePart> of the figure that its shape is; empty for all of it */
    public function parts(): array
    {
        $parts = array_map(static fn (Guide $guide): mixed => $guide->value, $this->guides);

        return array_values(array_filter($parts, static fn (mixed $part): bool => $part instanceof FigurePart));
    }

    /** Of all that its figure covers: 1 where it is no part of one. */
    public function shareOfFigure(): float
    {
        $parts = $this->parts();

        return $this->shape === null || $parts === []
            ? 1.0
            : min(1.0, array_sum(array_map(static fn (FigurePart $part): float => $part->share(), $parts)));
    }

    /** The figure that it is placed by; null where it is placed by none. */
    public function figure(): ?Figure
    {
        foreach ($this->guides as $guide) {
            if ($guide->value instanceof Figure) {
                return $guide->value;
            }
        }

        return null;
    }
}
