<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Resources\Resource;
use Core\Design\Wording\LineKind;

/** A typed line and what was understood of it. */
final readonly class ReadLine extends Resource
{
    /**
     * @param  int  $number  1 for the first one of the list, blank ones counted
     * @param  list<ReadPart>  $parts  in the order of the line
     * @param  list<ReadStep>  $steps  none for what is no step
     */
    public function __construct(
        public int $number,
        public string $text,
        public LineKind $kind,
        public array $parts,
        public ?LineQuestion $question,
        public array $steps,
    ) {}
}
