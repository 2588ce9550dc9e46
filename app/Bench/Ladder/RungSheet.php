<?php

declare(strict_types=1);

namespace App\Bench\Ladder;

use App\Bench\Advice\TableThing;
use App\Bench\Designs\TapeSpan;
use App\Http\Resources\Resource;
use App\Plan\FacePlans\PlanStep;

/** One version of a design in its quickest order: how it looks, what it takes, what would go next. */
final readonly class RungSheet extends Resource
{
    /**
     * @param  list<PlanStep>  $steps  in painting order
     * @param  list<TapeSpan>  $spans
     * @param  list<TableThing>  $layOut
     * @param  list<DropShown>  $next  the least look lost per second first
     */
    public function __construct(
        public RungShown $rung,
        public array $steps,
        public array $spans,
        public array $layOut,
        public array $next,
    ) {}
}
