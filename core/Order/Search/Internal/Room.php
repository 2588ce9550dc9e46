<?php

declare(strict_types=1);

namespace Core\Order\Search\Internal;

/** The memory that a search may take on top of what was taken when it began. Its bound may have half of it. */
final readonly class Room
{
    private int $taken;

    public function __construct(private int $bytes)
    {
        $this->taken = memory_get_usage();
    }

    /** Whether there is still some for the table of the bound. */
    public function holdsMore(): bool
    {
        return memory_get_usage() - $this->taken < intdiv($this->bytes, 2);
    }

    /**
     * The width of the widest sweep that there is room for.
     *
     * @param  int  $most  memory that was in use at the height of a sweep of that width, which is over
     */
    public function widest(int $width, int $most): int
    {
        $now = memory_get_usage();

        return (int) ($width * max(0, $this->taken + $this->bytes - $now) / max(1, $most - $now));
    }
}
