<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Core\Design\Medium;
use Core\Design\Side;
use Core\Design\Zone;

/** A step of a plan, as the chair shows it. */
final readonly class PlanStep extends Resource
{
    /**
     * @param  list<ColourSwatch>  $colours
     * @param  list<Zone>  $zones
     */
    public function __construct(
        public string $id,
        public string $name,
        public Medium $medium,
        public string $tool,
        public array $colours,
        public array $zones,
        public Side $side,
        public int $coats,
        public bool $optional,
        public string $note,
        public int $plannedMs,
    ) {}
}
