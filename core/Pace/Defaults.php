<?php

declare(strict_types=1);

namespace Core\Pace;

/** Starting constants of the pace. Each is this team's estimate unless a source stands beside it. */
final readonly class Defaults
{
    /** One face may be any face; from two on the log says more than what was typed. Team's estimate. */
    public const FEWEST_FACES = 2;

    /** Older faces were painted by slower hands. Team's estimate. */
    public const MOST_FACES = 40;
}
