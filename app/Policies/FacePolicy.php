<?php

declare(strict_types=1);

namespace App\Policies;

/** The logbook. */
final readonly class FacePolicy extends ForPainters {}
