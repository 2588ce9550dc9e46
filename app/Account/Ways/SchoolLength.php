<?php

declare(strict_types=1);

namespace App\Account\Ways;

use Core\Order\Schools\School;
use Core\Units\Duration;

/** How long a design takes by a school. */
final readonly class SchoolLength
{
    /** @param  Duration|null  $length  null when no order keeps all its rules */
    public function __construct(public School $school, public ?Duration $length) {}
}
