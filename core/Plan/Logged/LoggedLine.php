<?php

declare(strict_types=1);

namespace Core\Plan\Logged;

use Core\Units\Duration;

/** A day's line as it was logged. */
final readonly class LoggedLine
{
    /** @param  list<LoggedChild>  $children  in the order of their numbers */
    public function __construct(public Duration $open, public array $children) {}
}
