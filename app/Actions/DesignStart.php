<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Design;
use Core\Design\Placement;

/** What a new design begins with: nothing, typed lines, another design or a worked starting point. */
final readonly class DesignStart
{
    /**
     * @param  list<string>  $lines  a step a line
     * @param  Design|null  $like  the design it begins as a copy of
     * @param  string|null  $startingPoint  name of the one it begins as a copy of
     */
    public function __construct(
        public string $name,
        public Placement $placement,
        public array $lines,
        public ?Design $like,
        public ?string $startingPoint,
    ) {}
}
