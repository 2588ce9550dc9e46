<?php

declare(strict_types=1);

namespace Core\Team;

final readonly class Defaults
{
    /** Letters; the least that may be asked for where nothing else guards (NIST SP 800-63B, 5.1.1.2, asks for 8 and more). */
    public const LEAST_PASSWORD = 12;

    /** Nobody needs a child's name longer after an event. Team's estimate. */
    public const MOST_NAMES_DAYS = 30;

    /** In which a team that is closed can still be kept. Team's estimate: a festival season's longest pause between two looks. */
    public const CLOSING_DAYS = 30;

    /** Codes on paper, each for one sign-in without the authenticator. Common practice, no source. */
    public const SPARE_CODES = 8;

    private function __construct() {}
}
