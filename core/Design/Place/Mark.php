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

    /** Of all that its figure covers: 1 where it is no part of one. */
    public function shareOfFigure(): float
    {
        $shares = [];
        foreach ($this->guides as $guide) {
            $shares = $guide->value instanceof FigurePart ? [...$shares, $guide->value->share()] : $shares;
        }

        return $this->shape === null || $shares === [] ? 1.0 : min(1.0, array_sum($shares));
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
