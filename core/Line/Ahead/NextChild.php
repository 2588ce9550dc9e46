<?php

declare(strict_types=1);

namespace Core\Line\Ahead;

/** Which child a chair takes next. */
final readonly class NextChild
{
    /** @param  int  $saves  milliseconds that all who wait gain together by it, against taking whoever stands in front */
    public function __construct(public string $ticket, public int $chair, public int $saves = 0) {}
}
