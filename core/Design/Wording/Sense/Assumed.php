<?php

declare(strict_types=1);

namespace Core\Design\Wording\Sense;

use Core\Design\Wording\Assumption;

/**
 * A value of a step, and what had to be assumed for it.
 *
 * @template-covariant T
 */
final readonly class Assumed
{
    /** @param  T  $value */
    public function __construct(public mixed $value, public ?Assumption $assumption = null) {}
}
