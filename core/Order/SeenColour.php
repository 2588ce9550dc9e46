<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Colour\LinearRgb;

/** How one colour of a step comes out on what it is laid upon. */
final readonly class SeenColour
{
    /**
     * @param  LinearRgb  $meant  the paint's own colour
     * @param  non-empty-list<LinearRgb>  $coats  what is seen after each coat
     * @param  LinearRgb  $onDry  what one coat would look like if all below were dry
     * @param  list<LinearRgb>  $grounds  what may be seen next to it: the colours of the film below, and what shapes leave bare
     */
    public function __construct(public LinearRgb $meant, public array $coats, public LinearRgb $onDry, public array $grounds) {}

    public function seen(): LinearRgb
    {
        return $this->coats[count($this->coats) - 1];
    }

    /** The mean of what lies below, for what covers all of it. */
    public static function mean(LinearRgb ...$colours): LinearRgb
    {
        $count = max(1, count($colours));
        $sum = array_reduce(
            $colours,
            static fn (LinearRgb $sum, LinearRgb $one): LinearRgb => $sum->joined($one, static fn (float $a, float $b): float => $a + $b),
            new LinearRgb(0.0, 0.0, 0.0),
        );

        return new LinearRgb($sum->red / $count, $sum->green / $count, $sum->blue / $count);
    }
}
