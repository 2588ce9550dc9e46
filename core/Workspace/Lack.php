<?php

declare(strict_types=1);

namespace Core\Workspace;

use Core\Design\Colour;
use Core\Kit\ItemKind;
use Core\Units\Duration;

/** Something that a step uses and the kit has not: the slower way, or only the missing thing. */
final readonly class Lack
{
    /**
     * @param  string|null  $instead  the way without it; null where there is none
     * @param  Duration  $extra  what that way costs more
     * @param  ItemKind|null  $kind  of a paint or glitter that may be added to the kit as the step calls it; null for other things
     */
    public function __construct(
        public string $stepId,
        public string $missing,
        public ?string $instead,
        public Duration $extra,
        public ?ItemKind $kind = null,
        public ?Colour $colour = null,
    ) {}
}
