<?php

declare(strict_types=1);

namespace App\Policies;

/** The designs, with their orders and ladders. */
final readonly class DesignPolicy extends ForPainters {}
