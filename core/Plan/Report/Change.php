<?php

declare(strict_types=1);

namespace Core\Plan\Report;

use Core\Units\Duration;

/** What to do otherwise next time, and what that is worth. */
final readonly class Change
{
    /**
     * @param  Duration|null  $gain  of a day like this one
     * @param  int|null  $cents  of a day like this one
     */
    public function __construct(public string $words, public ?Duration $gain = null, public ?int $cents = null) {}
}
