<?php

declare(strict_types=1);

namespace App\Policies;

/** The kit, and what is timed with it. */
final readonly class KitItemPolicy extends ForPainters {}
