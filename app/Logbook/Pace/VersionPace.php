<?php

declare(strict_types=1);

namespace App\Logbook\Pace;

use Core\Pace\Pace;
use Core\Units\Duration;

/** How long a version really takes, and what that rests on. */
final readonly class VersionPace
{
    /**
     * @param  Duration  $middle  half of them are done by then
     * @param  Pace|null  $own  of whole faces; null where it is put together from its steps
     */
    public function __construct(public Duration $middle, public Duration $eightOfTen, public ?Pace $own = null) {}
}
