<?php

declare(strict_types=1);

namespace App\Policies;

/** A painter’s own ways, weather and numbers. */
final readonly class PainterWaysPolicy extends ForPainters {}
