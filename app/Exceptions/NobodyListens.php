<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** Whoever asked has gone, and what was asked for need not be worked out any further. */
final class NobodyListens extends RuntimeException {}
