<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Core\Design\Medium;
use Core\Design\Side;
use Core\Design\Zone;

/** A step as the bench edits it: in fields, with times as typed text and in milliseconds, and as one line. */
final readonly class StepLine extends Resource
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
        public string $time,
        public int $timeMs,
        public string $dryFor,
        public int $dryForMs,
        public bool $optional,
        public string $note,
        public string $line,
    ) {}
}
