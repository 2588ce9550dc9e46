<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Models\Bench\Design;
use Core\Design\Place\Placement;

/** What a new design begins with: nothing, a typed list, another design or a worked starting point. */
final readonly class DesignStart
{
    /**
     * @param  Placement|null  $placement  null where a list tells it
     * @param  string  $list  of steps as they were typed; empty for none
     * @param  Design|null  $like  the design it begins as a copy of
     * @param  string|null  $startingPoint  name of the one it begins as a copy of
     */
    public function __construct(
        public string $name,
        public ?Placement $placement,
        public string $list,
        public ?Design $like,
        public ?string $startingPoint,
    ) {}
}
