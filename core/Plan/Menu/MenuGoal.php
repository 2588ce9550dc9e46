<?php

declare(strict_types=1);

namespace Core\Plan\Menu;

/** What a menu is to give most of. */
enum MenuGoal: string
{
    /** The mean look of a face. */
    case Look = 'look';

    /** The mean price of a face. */
    case Takings = 'takings';

    public function worth(Candidate $candidate, int $rung): float
    {
        return $this === self::Look ? $candidate->looks[$rung] ?? 1.0 : (float) $candidate->price;
    }
}
