<?php

declare(strict_types=1);

namespace Core\Units;

use Throwable;

/** Everything the engine refuses. The message says in plain words what is wrong and what to do. */
interface CoreException extends Throwable {}
