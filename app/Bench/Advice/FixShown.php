<?php

declare(strict_types=1);

namespace App\Bench\Advice;

use App\Bench\TypedSteps\StepLine;
use App\Http\Resources\Resource;

/** What the app can do about a finding: the design afterwards, told by what changes. */
final readonly class FixShown extends Resource
{
    /**
     * @param  string  $label  as on a button
     * @param  list<string>  $order  ids of all steps afterwards
     * @param  list<StepLine>  $changed  steps that are new or otherwise then
     * @param  string|null  $promise  as typed, where it changes
     * @param  int|null  $fromAge  where it changes
     */
    public function __construct(
        public string $label,
        public array $order,
        public array $changed,
        public ?string $promise,
        public ?int $fromAge,
    ) {}
}
