<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** What was asked for is not known yet, and takes longer than a request may: InQueueIfLong puts it into the queue. */
final class TakesLong extends RuntimeException {}
