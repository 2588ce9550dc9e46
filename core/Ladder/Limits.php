<?php

declare(strict_types=1);

namespace Core\Ladder;

/** How much a ladder looks at before it is called the best found instead of the best. */
final readonly class Limits
{
    /**
     * @param  int  $choices  ways to make a design quicker that are weighed against each other
     * @param  int  $labels  partial orders for one version
     * @param  int  $versions  laid out
     */
    public function __construct(
        public int $choices = Defaults::MOST_CHOICES,
        public int $labels = Defaults::MOST_LABELS,
        public int $versions = Defaults::MOST_VERSIONS,
    ) {}
}
