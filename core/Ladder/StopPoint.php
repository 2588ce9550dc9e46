<?php

declare(strict_types=1);

namespace Core\Ladder;

/** A place in a design's order where what is painted looks finished. */
final readonly class StopPoint
{
    /**
     * @param  int  $after  place of the step after which one may stop
     * @param  bool  $isSaid  whether the painter said so; else the steps themselves say it
     * @param  list<string>  $still  names of what would not be painted
     */
    public function __construct(public int $after, public bool $isSaid, public array $still) {}
}
