<?php

declare(strict_types=1);

namespace App\Policies;

/** The days themselves: their hours, chairs and menu. Their lines are everybody's. */
final readonly class EventDayPolicy extends ForPainters {}
