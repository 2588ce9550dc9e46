<?php

declare(strict_types=1);

namespace App\Policies;

/** The practice board. */
final readonly class PracticeRunPolicy extends ForPainters {}
